/**
 * A smooth convex arc from the root to the apex, in the upright plane through both: `(ρ / D)ⁿ + (z / p)ⁿ = 1`, ρ from the foot of the
 * apex, D the root's distance from it, p the projection. It leaves the root upright and comes to the apex level; n 1 is the chord, 2 a
 * quarter of an ellipse, and the longer the arc the larger n. (Lamé's curve.)
 */
export interface Arc {
  readonly acrossMm: number;
  readonly heightMm: number;
  readonly power: number;
}

/** Powers an arc may have: beyond the last it is a corner. */
export const [LEAST_POWER, MOST_POWER] = [1, 24] as const;

/** Height of an arc over the root at a distance from the foot of the apex, mm; 0 past the root. */
export function arcHeight({ acrossMm, heightMm, power }: Arc, rhoMm: number): number {
  const part = Math.min(1, Math.max(0, rhoMm / acrossMm));
  return heightMm * (1 - part ** power) ** (1 / power);
}

/** Steps of the coarser of two polygons along an arc: with one of twice as many, its length is found to a ten-thousandth. */
const STEPS = 24;

/**
 * Length of an arc, mm, from the apex to an angle round its foot: of the whole from π / 2 (the apex) to 0 (the root).
 * By two polygons, what both are short of taken off (Richardson).
 */
export function arcLength(arc: Arc, toAngle = 0): number {
  const [coarse, fine] = [polygon(arc, toAngle, STEPS), polygon(arc, toAngle, 2 * STEPS)];
  return (4 * fine - coarse) / 3;
}

function polygon({ acrossMm, heightMm, power }: Arc, toAngle: number, steps: number): number {
  let [length, lastX, lastZ] = [0, 0, heightMm];
  for (let step = 1; step <= steps; step += 1) {
    const angle = Math.PI / 2 + (toAngle - Math.PI / 2) * (step / steps);
    const [cos, sin] = [Math.max(0, Math.cos(angle)), Math.max(0, Math.sin(angle))];
    const radius = ((cos / acrossMm) ** power + (sin / heightMm) ** power) ** (-1 / power);
    const [x, z] = [radius * cos, radius * sin];
    length += Math.hypot(x - lastX, z - lastZ);
    [lastX, lastZ] = [x, z];
  }
  return length;
}

/** Steps of a polygon that is near enough to begin from. */
const FEW_STEPS = 6;

/** About how long an arc is from the apex out to a distance from its foot, mm: for where a place lies at first. */
export const aboutFromApex = (arc: Arc, rhoMm: number): number =>
  polygon(arc, Math.atan2(arcHeight(arc, rhoMm), rhoMm), FEW_STEPS);

/** The length of an arc is met to this, mm. */
const LENGTH_MM = 1e-5;

/** Most steps to it: the first few come near, each of the others halves at the least. */
const STEPS_TO_IT = 40;

/**
 * The arc of a length between a root and an apex.
 * @returns its power; null where no smooth convex arc is so long or so short.
 */
export function powerFor(acrossMm: number, heightMm: number, lengthMm: number): number | null {
  // On the scale of its logarithm the power goes nearly evenly with the length.
  const off = (log: number) => arcLength({ acrossMm, heightMm, power: Math.exp(log) }) - lengthMm;
  let [low, high] = [Math.log(LEAST_POWER), Math.log(MOST_POWER)];
  let [below, above] = [off(low), off(high)];
  if (below > SLACK_MM || above < 0) return null;
  if (below >= 0) return LEAST_POWER;
  for (let step = 0; step < STEPS_TO_IT; step += 1) {
    // Where a line between both ends crosses; every third step the middle, so that neither end stays.
    const at = step % 3 === 2 ? (low + high) / 2 : low - (below * (high - low)) / (above - below);
    const found = off(at);
    if (Math.abs(found) < LENGTH_MM) return Math.exp(at);
    if (found < 0) [low, below] = [at, found];
    else [high, above] = [at, found];
  }
  return Math.exp((low + high) / 2);
}

/** An arc that is shorter than its chord by no more than this is the chord, mm. */
const SLACK_MM = 0.01;
