import { capital } from "../capital.ts";
import {
  type Draft,
  type EdgeRole,
  edgeLength,
  edgeWords,
  type Piece,
  type PieceEdge,
  runLength,
  type StatedEdge,
  statedLength,
} from "../drafting/index.ts";
import { isZone } from "../ease/index.ts";
import { type Explanation, term } from "../explain/index.ts";
import { levelName } from "./levelName.ts";
import type { BodyWay, StretchOnBody } from "./stretchOnBody.ts";

/** Edges that run along the body. */
const LENGTHWISE: ReadonlySet<EdgeRole> = new Set(["centre", "centreFront", "centreBack", "side"]);

/**
 * How long an edge is on the body, with its way: an edge with elastic lies on its line, a side or centre is stretched along the
 * body, a waist round it.
 * @returns null for an edge of which the plan does not say.
 */
export function edgeOnBody(draft: Draft, piece: Piece, edge: PieceEdge, stretch: StretchOnBody): Explanation | null {
  const lengthMm = edgeLength(edge);
  const title = `${edgeName(edge)} of the ${piece.name.toLowerCase()}, on the body`;
  const elastic = draft.elastics.find(({ along }) =>
    along.parts.some((part) => part.piece === piece.id && part.edge === edge.id),
  );
  const own = term("garment", "length")("L", "the edge, at rest", lengthMm, "measured along its seam line");
  if (elastic?.bodyMm) {
    const wholeMm = runLength(draft, elastic.along);
    return explained(title, {
      formula: "B = L · b / S",
      terms: [
        own,
        term("body", "length")("b", `${elastic.name} on the body`, elastic.bodyMm, "sheet of the body"),
        term("garment", "length")("S", "the whole edge, at rest", wholeMm, "its parts together"),
      ],
      value: (lengthMm * elastic.bodyMm) / wholeMm,
      note: "Its elastic brings it there.",
    });
  }
  const factor = LENGTHWISE.has(edge.role)
    ? alongOf(piece, edge, stretch)
    : edge.role === "waist"
      ? roundOf(draft, stretch)
      : null;
  if (factor === null) return null;
  return explained(title, {
    formula: "B = L · k",
    terms: [own, term("result", "ratio")("k", factor.meaning, factor.value, "ease plan")],
    value: lengthMm * factor.value,
    note: null,
  });
}

/** How long a stated edge is on the body, with its way: round it at the girth it counts to. @returns null for an edge of which the plan does not say. */
export function statedOnBody(draft: Draft, edge: StatedEdge, { round }: StretchOnBody): Explanation | null {
  const value = isZone(edge.counts) && round[edge.counts];
  if (!value) return null;
  const lengthMm = statedLength(draft, edge);
  return explained(`${edge.edge} of ${edge.piece}, on the body`, {
    formula: "B = L · k",
    terms: [
      term("garment", "length")("L", "the edge, at rest", lengthMm, edge.lengthMm === null ? "read in" : "stated"),
      term("result", "ratio")(
        "k",
        `body over garment, at the ${levelName(edge.counts).toLowerCase()}`,
        value,
        "ease plan",
      ),
    ],
    value: lengthMm * value,
    note: null,
  });
}

/** What an edge is called: its own name, as words. */
export const edgeName = ({ id }: Pick<PieceEdge, "id">): string => capital(edgeWords(id));

function alongOf(piece: Piece, edge: PieceEdge, { along }: StretchOnBody) {
  const way: BodyWay | null =
    edge.role === "side" ? "side" : piece.id === "front" || piece.id === "back" ? piece.id : null;
  const value = way && along[way];
  return value ? { value, meaning: `body over cut, along the ${way}` } : null;
}

function roundOf({ levels }: Draft, { round }: StretchOnBody) {
  const level = levels[0]?.level ?? "";
  const value = isZone(level) && round[level];
  return value ? { value, meaning: `body over garment, at the ${levelName(level).toLowerCase()}` } : null;
}

function explained(
  title: string,
  { formula, terms, value, note }: Pick<Explanation, "formula" | "terms"> & { value: number; note: string | null },
): Explanation {
  return { title, formula, terms, result: { value, unit: "length" }, notes: note ? [note] : [], others: [] };
}
