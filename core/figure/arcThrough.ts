/** An arc of a circle between two points. */
export interface ChordArc {
  readonly radius: number;
  /** Angle from the middle of the arc to one end, seen from the centre, radians, above 0 and under π. */
  readonly halfAngle: number;
}

const HALVINGS = 60;

/**
 * The arc of a given length over a chord: `length / chord = θ / sin θ`, solved by halving the interval, since it rises
 * from 1 without end.
 *
 * @param chord above 0.
 * @returns null where the length does not span the chord; of a length that just spans it the arc is all but straight.
 */
export function arcThrough(chord: number, length: number): ChordArc | null {
  const ratio = length / chord;
  if (!(ratio > 1)) return null;
  let [low, high] = [0, Math.PI];
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    if (middle / Math.sin(middle) < ratio) low = middle;
    else high = middle;
  }
  const halfAngle = (low + high) / 2;
  return { radius: length / (2 * halfAngle), halfAngle };
}

/** The way of an arc to a point, as an SVG path command; a straight line where there is no arc. */
export function arcTo([x, y]: readonly [number, number], arc: ChordArc | null, sweep: 0 | 1): string {
  if (!arc) return `L ${x.toFixed(2)} ${y.toFixed(2)}`;
  const radius = arc.radius.toFixed(2);
  return `A ${radius} ${radius} 0 ${arc.halfAngle > Math.PI / 2 ? 1 : 0} ${sweep} ${x.toFixed(2)} ${y.toFixed(2)}`;
}
