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

/** How far a place lies from the full part, and how far the blend on that side goes, mm. */
const fromFull = ({ fullFromMm, fullToMm, beforeMm, afterMm }: Blend, mm: number) =>
  mm < fullFromMm
    ? { side: 1, away: fullFromMm - mm, over: beforeMm }
    : { side: -1, away: Math.max(0, mm - fullToMm), over: afterMm };

/**
 * By how much an edge is moved at a place: all of it in the full part, `a (1 + cos(π d / L)) / 2` at a distance d from it
 * within the blend L, and nothing beyond.
 *
 * @param mm along the edge from its start.
 */
export function offsetAt(blend: Blend, mm: number): number {
  const { away, over } = fromFull(blend, mm);
  if (away === 0) return blend.amountMm;
  return away >= over ? 0 : (blend.amountMm * (1 + Math.cos((Math.PI * away) / over))) / 2;
}

/** How fast that changes along the edge, mm a mm: 0 at both ends of a blend, so that the line has no corner there. */
export function slopeAt(blend: Blend, mm: number): number {
  const { side, away, over } = fromFull(blend, mm);
  if (away === 0 || away >= over) return 0;
  return (side * blend.amountMm * Math.PI * Math.sin((Math.PI * away) / over)) / (2 * over);
}

/** What the edge gains all along, mm²: the full part, and half of it over each blend. */
export const blendArea = ({ amountMm, fullFromMm, fullToMm, beforeMm, afterMm }: Blend): number =>
  amountMm * (fullToMm - fullFromMm + (beforeMm + afterMm) / 2);
