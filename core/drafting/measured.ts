import type { Draft, Run } from "./draft.ts";
import { sidesOf } from "./parted/halves.ts";
import { edgeLength, edgeOf, levelWidth, type Piece, timesRound } from "./piece/index.ts";
import { statedSum } from "./stated/index.ts";

/** A planned girth or loop, and what the drawn pieces come to there, mm. */
export interface DraftGirth {
  readonly level: string;
  readonly plannedMm: number;
  readonly piecesMm: number;
}

/** A piece of a draft by its name. @throws RangeError where there is none: drafts name only their own pieces. */
export function pieceOf({ pieces, recipe }: Draft, id: string): Piece {
  const piece = pieces.find((one) => one.id === id);
  if (!piece) throw new RangeError(`A draft of ${recipe} has no ${id}.`);
  return piece;
}

/** Length of edges of a draft together, mm. */
export const runLength = (draft: Draft, { parts, plusMm }: Run): number =>
  parts.reduce((sum, { piece, edge }) => sum + edgeLength(edgeOf(pieceOf(draft, piece), edge)), plusMm);

/**
 * What the pieces come to at each planned level and along each loop. A level that an edge cuts off on some piece is no ring: it
 * has no girth, and is named apart.
 */
export function girthsOf(draft: Draft): {
  readonly girths: readonly DraftGirth[];
  readonly openLevels: readonly string[];
} {
  const round = draft.round.flatMap((id) => sidesOf(draft, id));
  const rings = draft.levels.map(({ level, plannedMm, besideMm = 0 }) => {
    const lines = round.map((piece) => ({ piece, line: piece.levels.find((one) => one.level === level) }));
    const statedMm = statedSum(draft, level);
    // Of a pattern from elsewhere no piece goes round: its girths are what its stated edges come to.
    const complete = round.length === 0 ? statedMm !== null : lines.every(({ line }) => line !== undefined);
    const piecesMm = lines.reduce(
      (sum, { piece, line }) => sum + (line ? levelWidth(line) * timesRound(piece) : 0),
      (statedMm ?? 0) + besideMm,
    );
    return { level, plannedMm, piecesMm, complete };
  });
  const loops = draft.loops.map(({ level, plannedMm, along }) => ({
    level,
    plannedMm,
    piecesMm: runLength(draft, along),
  }));
  return {
    girths: [
      ...rings
        .filter(({ complete }) => complete)
        .map(({ level, plannedMm, piecesMm }) => ({ level, plannedMm, piecesMm })),
      ...loops,
    ],
    openLevels: rings.filter(({ complete }) => !complete).map(({ level }) => level),
  };
}
