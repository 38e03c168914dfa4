import type { BodyWrap, WrapEdge } from "../../../core/torso/index.ts";
import { numberText } from "../../form/numberField.ts";
import type { Fields } from "../../form/unsaved.ts";

/** Rows the form of a wrap shows at least, and at most. */
export const LEAST_EDGES = 8;
export const MOST_EDGES = 48;

/** Names of the fields of one edge, rows counted from 1. */
export const edgeFields = (row: number) =>
  ({
    piece: `edge.${row}.piece`,
    length: `edge.${row}.length`,
    counts: `edge.${row}.counts`,
    twice: `edge.${row}.twice`,
    seam: `edge.${row}.seam`,
  }) as const;

/** The fields a wrap is edited from. */
export const wrapFields = ({ name, takenOn, notes, edges }: BodyWrap): Fields => ({
  name,
  takenOn,
  notes,
  ...Object.assign({}, ...edges.map((edge, index) => fieldsOfEdge(edge, index + 1))),
});

function fieldsOfEdge({ piece, lengthMm, counts, twice, seam }: WrapEdge, row: number): Fields {
  const names = edgeFields(row);
  return {
    [names.piece]: piece,
    [names.length]: `${numberText(lengthMm)} mm`,
    [names.counts]: counts,
    [names.twice]: twice ? "yes" : "",
    [names.seam]: seam,
  };
}
