import { backward, directionAt, type Edge, lengthOfEdges, times, type Vector } from "../../geometry/index.ts";
import { displaced, fading } from "./displaced.ts";

/** One side of a seam: its place among the edges of its piece, and whether it is drawn away from the upper edge. */
export interface SeamSide {
  readonly at: number;
  readonly lines: readonly Edge[];
  readonly away: boolean;
}

/** The direction in which a seam leaves the upper edge; null where it has no length. */
export const leaving = ({ lines, away }: SeamSide): Vector | null => {
  const [first] = away ? lines : backward(lines);
  return first ? directionAt(first, 0) : null;
};

/** Both sides of a seam stay as long within this, mm; it is looked for so often. */
const [ALIKE_MM, TRIES] = [1e-3, 12] as const;

/**
 * How the end of a seam moves so that it grows as much as its partner: the two bend otherwise, so it goes a little further along its own
 * direction or less (the secant method: it is nearly a straight line).
 */
export function endGrowing(side: SeamSide, by: Vector, grownMm: number): Vector {
  const inward = leaving(side);
  const before = lengthOfEdges(side.lines);
  if (!inward) return by;
  const moved = (more: number): Vector => ({ x: by.x - inward.x * more, y: by.y - inward.y * more });
  const off = (more: number) => lengthOfEdges(endedSmoothly(side, moved(more)) ?? side.lines) - before - grownMm;
  let [last, now] = [
    { more: 0, off: off(0) },
    { more: 1, off: off(1) },
  ];
  for (let turn = 0; turn < TRIES && Math.abs(now.off) > ALIKE_MM && now.off !== last.off; turn += 1) {
    const more = now.more - (now.off * (now.more - last.more)) / (now.off - last.off);
    [last, now] = [now, { more, off: off(more) }];
  }
  return moved(now.more);
}

/** A curved seam whose end was moved is drawn anew over so much of it, mm: a short end alone would kink. */
const SEAM_BLEND_MM = 50;

/** A seam of a cup as it leaves the upper edge, its end moved; null for a straight one, whose end just moves. */
export function endedSmoothly({ lines, away }: SeamSide, by: Vector): readonly Edge[] | null {
  if (lines.length < 2) return null;
  const from = away ? lines : backward(lines);
  const over = Math.min(SEAM_BLEND_MM, lengthOfEdges(from) / 2);
  const moved = displaced(from, (mm) => times(by, fading(mm / over)), { fromMm: 0, toMm: over });
  return away ? moved : backward(moved);
}
