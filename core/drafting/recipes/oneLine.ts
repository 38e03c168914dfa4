import type { OneLine } from "../draft.ts";

/** One end of an edge of a piece. */
type LineEnd = readonly [piece: string, edge: string, end: "start" | "end"];

/** Two ends that lie in one line once the seam between them is closed. */
export const oneLine = ([piece, edge, end]: LineEnd, [piece2, edge2, end2]: LineEnd): OneLine => ({
  first: { piece, edge, end },
  second: { piece: piece2, edge: edge2, end: end2 },
});
