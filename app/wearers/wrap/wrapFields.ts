import type { BodyWrap, WrapEdge } from "../../../core/torso/index.ts";
import { numberText } from "../../form/numberText.ts";
import { inRow, withRows } from "../../form/rows/withRows.ts";
import type { Fields } from "../../form/unsaved.ts";

/** Rows that stand ready in the form of a wrap, and the most it has. */
const READY_EDGES = 8;
export const MOST_EDGES = 48;

/** Name of the list of edges, and of the fields of one, counted from 0. */
export const EDGES = "edges";
export const edgeFields = (row: number) =>
  ({
    piece: inRow(EDGES, row, "piece"),
    length: inRow(EDGES, row, "length"),
    counts: inRow(EDGES, row, "counts"),
    twice: inRow(EDGES, row, "twice"),
    seam: inRow(EDGES, row, "seam"),
  }) as const;

/** The fields a new wrap is filled in from. */
export const newWrap = (today: string): Fields => withRows({ takenOn: today }, EDGES, "piece", READY_EDGES);

/** The fields a wrap is edited from. */
export const wrapFields = ({ name, takenOn, notes, edges }: BodyWrap): Fields => ({
  name,
  takenOn,
  notes,
  ...Object.assign({}, ...edges.map(fieldsOfEdge)),
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
