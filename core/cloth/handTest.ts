import { fail, ok, type Result } from "../result.ts";

/** Under this recovery after 60 seconds a cloth "will bag". */
export const LEAST_RECOVERY_AFTER_60_S = 0.85;

/** Gauge lengths a hand test can be read on, in millimetres. */
export const GAUGE_RANGE_MM: readonly [number, number] = [20, 1000];

/** Most strain a cloth is believed to reach by hand; beyond it a digit is wrong. */
const MOST_STRAIN = 4;

/** Lengths of one hand test in one direction, in millimetres. */
export interface HandTest {
  /** L0: the marked gauge at rest, not the cut end. */
  readonly gaugeMm: number;
  /** L1: the same marks pulled to the comfortable limit. */
  readonly stretchedMm: number;
  /** L2: the same marks after 60 seconds at rest; null where it was not read. */
  readonly afterMm: number | null;
}

/** What a hand test tells. Ratios; growth and recovery are null where L2 was not read. */
export interface HandTestResult {
  /** s = L1/L0 − 1, above 0. */
  readonly usable: number;
  /** g = L2/L0 − 1, 0 or more. */
  readonly growth: number | null;
  /** R = (L1 − L2)/(L1 − L0), 0 to 1. */
  readonly recovery: number | null;
  readonly willBag: boolean;
}

/** Which length of a hand test a problem is about, so that the message can stand beside its field. */
export type HandTestField = keyof HandTest;

/** Problem codes of a hand test and the field each belongs to. */
export const HAND_TEST_PROBLEM_FIELDS: Readonly<Record<string, HandTestField>> = {
  "gauge-out-of-range": "gaugeMm",
  "not-stretched": "stretchedMm",
  "stretched-too-far": "stretchedMm",
  "after-below-gauge": "afterMm",
  "after-above-stretched": "afterMm",
};

/**
 * Usable stretch, growth and recovery of one direction.
 *
 * @returns the result, or a problem where the lengths cannot belong to one test: a gauge outside 20–1000 mm, no
 *   stretch at all, more than five times the gauge, or a length after rest outside gauge … stretched.
 */
export function evaluateHandTest({ gaugeMm, stretchedMm, afterMm }: HandTest): Result<HandTestResult> {
  const [shortest, longest] = GAUGE_RANGE_MM;
  if (!(gaugeMm >= shortest && gaugeMm <= longest)) {
    return fail("gauge-out-of-range", `Expected a gauge of ${shortest} to ${longest} mm, but it is ${mm(gaugeMm)}.`);
  }
  if (!(stretchedMm > gaugeMm)) {
    return fail("not-stretched", `Expected more than the gauge of ${mm(gaugeMm)}, but it is ${mm(stretchedMm)}.`);
  }
  if (!(stretchedMm / gaugeMm - 1 <= MOST_STRAIN)) {
    return fail(
      "stretched-too-far",
      `Expected at most five times the gauge of ${mm(gaugeMm)}, but it is ${mm(stretchedMm)}.`,
    );
  }
  const usable = stretchedMm / gaugeMm - 1;
  if (afterMm === null) return ok({ usable, growth: null, recovery: null, willBag: false });
  if (!(afterMm >= gaugeMm)) {
    return fail("after-below-gauge", `Expected at least the gauge of ${mm(gaugeMm)}, but it is ${mm(afterMm)}.`);
  }
  if (!(afterMm <= stretchedMm)) {
    return fail(
      "after-above-stretched",
      `Expected no more than the stretched ${mm(stretchedMm)}, but it is ${mm(afterMm)}.`,
    );
  }
  const recovery = (stretchedMm - afterMm) / (stretchedMm - gaugeMm);
  return ok({ usable, growth: afterMm / gaugeMm - 1, recovery, willBag: recovery < LEAST_RECOVERY_AFTER_60_S });
}

/** Swatches are spoken of in millimetres in both unit systems' test sheets. */
const mm = (value: number): string => `${Math.round(value * 10) / 10} mm`;
