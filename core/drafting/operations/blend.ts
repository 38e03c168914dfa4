/** How an edge is taken in or let out between two marks, and to nothing beyond them. mm along the edge from its start. */
export interface Blend {
  /** In full, signed: above 0 lets out. */
  readonly amountMm: number;
  /** The full part, from one mark to the other; the same mark twice for a single place. */
  readonly fullFromMm: number;
  readonly fullToMm: number;
  /** How far it runs out before the full part and after it, 0 or more; 0 ends it at once. */
  readonly beforeMm: number;
  readonly afterMm: number;
}

/**
 * By how much an edge is moved at a place: all of it in the full part, `a (1 + cos(π d / L)) / 2` at a distance d from it
 * within the blend L, and nothing beyond.
 *
 * @param mm along the edge from its start.
 */
export function offsetAt({ amountMm, fullFromMm, fullToMm, beforeMm, afterMm }: Blend, mm: number): number {
  const [away, over] = mm < fullFromMm ? [fullFromMm - mm, beforeMm] : [Math.max(0, mm - fullToMm), afterMm];
  if (away === 0) return amountMm;
  return away >= over ? 0 : (amountMm * (1 + Math.cos((Math.PI * away) / over))) / 2;
}

/** How fast that changes along the edge, mm a mm: 0 at both ends of a blend, so that the line has no corner there. */
export function slopeAt({ amountMm, fullFromMm, fullToMm, beforeMm, afterMm }: Blend, mm: number): number {
  const rising = mm < fullFromMm;
  const [away, over] = rising ? [fullFromMm - mm, beforeMm] : [Math.max(0, mm - fullToMm), afterMm];
  if (away === 0 || away >= over) return 0;
  const steep = (amountMm * Math.PI * Math.sin((Math.PI * away) / over)) / (2 * over);
  return rising ? steep : -steep;
}

/** What the edge gains all along, mm²: the full part, and half of it over each blend. */
export const blendArea = ({ amountMm, fullFromMm, fullToMm, beforeMm, afterMm }: Blend): number =>
  amountMm * (fullToMm - fullFromMm + (beforeMm + afterMm) / 2);
