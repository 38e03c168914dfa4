import { type Draft, edgeLength, edgeOf, timesRound } from "../drafting/index.ts";

/** An edge that every piece has, all round the body, mm. */
export const allRound = ({ pieces }: Pick<Draft, "pieces">, edge: string): number =>
  pieces.reduce((sum, piece) => sum + edgeLength(edgeOf(piece, edge)) * timesRound(piece), 0);
