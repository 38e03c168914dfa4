import { type SwatchForm, stepTension } from "../cloth/index.ts";
import type { GaugeReading } from "./line.ts";
import { noise } from "./noise.ts";
import { returnStrain, type StandInCloth, trueStrain } from "./standIn.ts";

/** One step of a simulated ladder: from one load to the next, then held. */
export interface SimulatedStep {
  readonly cloth: StandInCloth;
  readonly form: SwatchForm;
  readonly widthMm: number;
  readonly gaugeMm: number;
  /** Load before and load to hold, N, 0 or more; a lower one is the way back. */
  readonly fromN: number;
  readonly toN: number;
  /** Largest load so far, N: the way back starts from there. */
  readonly largestN: number;
  /** Any whole number; the same seed gives the same readings. */
  readonly seed: number;
}

/** Readings a second, and how long a step ramps and holds, s. */
export const READINGS_PER_S = 10;
export const RAMP_S = 4;
export const HOLD_S = 30;

/** Readings of one step. */
export const READINGS_PER_STEP = (RAMP_S + HOLD_S) * READINGS_PER_S;

/** Half-width of the noise of a reading: a part of the force, and mm. */
const FORCE_NOISE = 0.012;
const LENGTH_NOISE_MM = 0.25;

/** Time in which most of the creep has happened, s. */
const CREEP_S = 9;

/**
 * The reading with a number (from 0) of a simulated step: a ramp, then a hold in which the cloth creeps; with noise,
 * and slack in the clamps that is pulled out first. A function of its arguments alone, so that a broken connection can
 * go on with the very next reading.
 */
export function simulatedReading(step: SimulatedStep, number: number): GaugeReading {
  const t = number / READINGS_PER_S;
  const ramp = Math.min(1, t / RAMP_S);
  const forceN = step.fromN + (step.toN - step.fromN) * ramp;
  const held = Math.max(0, t - RAMP_S);
  const strain = strainUnder(step, forceN) * creepAfter(step.cloth, held);
  const slack = step.cloth.slackMm * (1 - Math.min(1, forceN / 0.2));
  return {
    t,
    n: Math.max(0, forceN * (1 + FORCE_NOISE * noise(step.seed, number, 1))),
    mm: step.gaugeMm * (1 + strain) - slack + LENGTH_NOISE_MM * noise(step.seed, number, 2),
  };
}

function strainUnder({ cloth, form, widthMm, fromN, toN, largestN }: SimulatedStep, forceN: number): number {
  const tension = stepTension({ form, widthMm }, forceN);
  if (toN >= fromN) return trueStrain(cloth, tension);
  return returnStrain(cloth, tension, trueStrain(cloth, stepTension({ form, widthMm }, largestN)));
}

/** Creep ends in the cloth's true strain: what is read after 30 s is what the curve says. */
const creepAfter = ({ creep }: StandInCloth, heldS: number): number => 1 - creep * Math.exp(-heldS / CREEP_S);
