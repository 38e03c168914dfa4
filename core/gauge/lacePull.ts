import type { GaugeReading } from "./line.ts";
import { noise } from "./noise.ts";
import { READINGS_PER_S } from "./simulate.ts";

/** A lace between two eyelets of a laced garment, hooked by the gauge in a practice pull. */
export interface LacePull {
  /** Any whole number; the same seed gives the same lace. */
  readonly seed: number;
}

/** The pull there lies about the first, by the second either way, N. */
const [ABOUT_N, SPREAD_N] = [5, 2] as const;

/** How soon the gauge stands still, s; how long it is held; how far the lace is drawn aside, mm. */
const [SETTLES_S, HELD_S, ASIDE_MM] = [0.5, 5, 6] as const;

/** Half-width of the noise of a reading, a part of it. */
const NOISE = 0.015;

/** The pull a lace stands under, N: what the readings settle at. */
export const lacePullN = ({ seed }: LacePull): number => ABOUT_N + SPREAD_N * noise(seed, 0, 3);

/** How many readings a pull has. */
export const lacePullReadings = (): number => Math.ceil(HELD_S * READINGS_PER_S);

/** The reading with a number (from 0) of a lace that is hooked and held. A function of its arguments alone. */
export function laceReading(pull: LacePull, number: number): GaugeReading {
  const t = number / READINGS_PER_S;
  const part = 1 - Math.exp(-t / SETTLES_S);
  return {
    t,
    n: lacePullN(pull) * part * (1 + NOISE * noise(pull.seed, number, 1)),
    mm: ASIDE_MM * part + 0.1 * noise(pull.seed, number, 2),
  };
}

/** So many of the last readings are taken together. */
const SETTLED_READINGS = 12;

/** What a gauge that is held stands at, N: the mean of its last readings; null before there are so many. */
export function settledN(readings: readonly GaugeReading[]): number | null {
  const last = readings.slice(-SETTLED_READINGS);
  return last.length < SETTLED_READINGS ? null : last.reduce((sum, { n }) => sum + n, 0) / last.length;
}
