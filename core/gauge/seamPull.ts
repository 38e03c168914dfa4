import type { GaugeReading } from "./line.ts";
import { noise } from "./noise.ts";
import { READINGS_PER_S } from "./simulate.ts";

/** A made-up seam that the simulated gauge pulls. */
export interface SeamPull {
  readonly gaugeMm: number;
  /** Strain at which its first stitch breaks; above 0. */
  readonly breaks: number;
  /** Any whole number; the same seed gives the same readings. */
  readonly seed: number;
}

/** How fast a seam is pulled, strain a second; how far on after the first stitch; how much of the force a stitch that breaks lets go. */
const [STRAIN_PER_S, BEYOND, LET_GO] = [0.08, 0.25, 0.3] as const;

/** Force it is pulled with at a strain, N: soft at first. */
const pullN = (strain: number): number => 6 * (Math.exp(1.6 * strain) - 1);

/** Half-width of the noise of a reading: a part of the force, and mm. */
const [FORCE_NOISE, LENGTH_NOISE_MM] = [0.012, 0.2] as const;

/** How many readings a pull has. */
export const seamPullReadings = ({ breaks }: SeamPull): number =>
  Math.ceil(((breaks + BEYOND) / STRAIN_PER_S) * READINGS_PER_S);

/** The reading with a number (from 0) of a seam that is pulled: its force falls where a stitch breaks. A function of its arguments alone. */
export function seamReading({ gaugeMm, breaks, seed }: SeamPull, number: number): GaugeReading {
  const t = number / READINGS_PER_S;
  const strain = t * STRAIN_PER_S;
  const whole = pullN(strain) * (strain >= breaks ? 1 - LET_GO : 1);
  return {
    t,
    n: whole * (1 + FORCE_NOISE * noise(seed, number, 1)),
    mm: gaugeMm * (1 + strain) + LENGTH_NOISE_MM * noise(seed, number, 2),
  };
}

/** A fall of the force by this part from one reading to the next is a stitch that broke. */
const BROKE = 0.18;

/** The place of the first stitch that broke among readings; null while none did. */
export const firstBreak = (readings: readonly GaugeReading[]): GaugeReading | null =>
  readings.find(({ n }, at) => {
    const before = readings[at - 1];
    return before !== undefined && before.n > 0.5 && n < before.n * (1 - BROKE);
  }) ?? null;
