import type { DraftGirth } from "../draft.ts";
import { levelWidth, type Piece, timesRound } from "../piece/index.ts";

/**
 * What the drawn pieces come to at each planned level. A level that an edge cuts off on one piece is no ring: it has no
 * girth, and that is said.
 *
 * @param round the pieces that go round the body together.
 */
export function ringGirths(
  planned: readonly { readonly level: string; readonly plannedMm: number }[],
  round: readonly Piece[],
): { readonly girths: readonly DraftGirth[]; readonly openLevels: readonly string[] } {
  const widths = planned.map(({ level, plannedMm }) => {
    const lines = round.map((piece) => ({ piece, line: piece.levels.find((one) => one.level === level) }));
    const complete = lines.every(({ line }) => line !== undefined);
    const piecesMm = lines.reduce((sum, { piece, line }) => sum + (line ? levelWidth(line) * timesRound(piece) : 0), 0);
    return { level, plannedMm, piecesMm, complete };
  });
  return {
    girths: widths
      .filter(({ complete }) => complete)
      .map(({ level, plannedMm, piecesMm }) => ({ level, plannedMm, piecesMm })),
    openLevels: widths.filter(({ complete }) => !complete).map(({ level }) => level),
  };
}
