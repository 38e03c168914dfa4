import type { Draft } from "./draft.ts";
import { sidesOf } from "./parted/halves.ts";
import { levelWidth, type Piece, timesRound } from "./piece/index.ts";

/** True for a piece of a band that cups stand on. */
export const carriesCups = ({ edges }: Pick<Piece, "edges">): boolean => edges.some(({ role }) => role === "wire");

/** The level a band goes round at. */
const BAND = "underbust";

/**
 * What of a drawn band does not stretch round the body, mm: the pieces cups stand on, which are cut to the body's own size, and the closed
 * hook tape. Null of a draft that is no band with cups.
 */
export function stillRound(draft: Pick<Draft, "pieces" | "round" | "levels">): number | null {
  const level = draft.levels.find((one) => one.level === BAND);
  const carrying = draft.round.flatMap((id) => sidesOf(draft, id)).filter(carriesCups);
  if (!level || carrying.length === 0) return null;
  return carrying.reduce((sum, piece) => {
    const line = piece.levels.find((one) => one.level === BAND);
    return line ? sum + levelWidth(line) * timesRound(piece) : sum;
  }, level.besideMm ?? 0);
}
