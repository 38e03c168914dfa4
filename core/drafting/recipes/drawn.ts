import type { Explanation, Term } from "../../explain/index.ts";
import type { DraftNumber } from "../draft.ts";
import { type Edge, type Point, straight } from "../geometry/index.ts";
import type { EdgeFinish, EdgeRole, Piece, PieceEdge, SeamTo } from "../piece/index.ts";

/** Which half of the body. */
export type Half = "front" | "back";

/** An edge of a piece: drawn lines with what becomes of them. */
export const edge = (
  id: string,
  role: EdgeRole,
  lines: readonly Edge[],
  made: { readonly finish: EdgeFinish; readonly allowanceMm: number; readonly seam?: SeamTo },
): PieceEdge => ({ id, role, lines, seam: null, ...made });

/** The fold in the middle of a piece: nothing is added there. */
export const onFold = (id: string, role: EdgeRole, from: Point, to: Point): PieceEdge =>
  edge(id, role, [straight(from, to)], { finish: "fold", allowanceMm: 0 });

/** An edge sewn to that of another piece, neither longer than the other on purpose. */
export const sewnTo = (piece: string, to: string, allowanceMm: number) =>
  ({ finish: "seam", allowanceMm, seam: { piece, edge: to, easeMm: 0 } }) as const;

/** An edge that is sewn into a seam of the piece it lies on. */
export const sewnInto = (allowanceMm: number) => ({ finish: "seam", allowanceMm, seam: null }) as const;

/** A length of a draft with its formula. */
export const lengthNumber = (
  id: string,
  title: string,
  {
    formula,
    terms,
    value,
    notes = [],
  }: {
    readonly formula: string;
    readonly terms: readonly Term[];
    readonly value: number;
    readonly notes?: readonly string[];
  },
): DraftNumber => {
  const explanation: Explanation = { title, formula, terms, result: { value, unit: "length" }, notes, others: [] };
  return { id, explanation };
};

/** What tells one half of a body's pieces from another: its edges without the fold, and what lies on it. */
export type HalfDrawn = Pick<Piece, "edges" | "levels" | "grain" | "notches" | "points">;

/** Front or back, drawn as one half with its centre on the fold, the last of its edges going up it. */
export const foldedHalf = (
  half: Half,
  centre: { readonly low: Point; readonly top: Point },
  drawn: HalfDrawn,
): Piece => ({
  id: half,
  name: half === "front" ? "Front" : "Back",
  count: 1,
  onFold: true,
  mirrored: false,
  role: "shell",
  links: [],
  ...drawn,
  edges: [...drawn.edges, onFold("centre", half === "front" ? "centreFront" : "centreBack", centre.low, centre.top)],
});

/** The other half. */
export const otherHalf = (half: Half): Half => (half === "front" ? "back" : "front");
