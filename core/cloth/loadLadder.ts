import { fail, ok, type Result } from "../result.ts";
import type { CurvePoint } from "./curve/monotoneCubic.ts";
import { type TensionCurve, tensionCurve } from "./curve/tensionCurve.ts";
import { GAUGE_RANGE_MM } from "./handTest.ts";

/** A strip held at both ends, or a strip sewn into a loop, which carries half the load in each leg. */
export type SwatchForm = "strip" | "loop";

/** Whether a step was read while loading or on the way back. */
export type StepPhase = "load" | "unload";

/** One step of a ladder: a load held 30 s, and the gauge length then. */
export interface LadderStep {
  /** Force on the whole swatch, N, 0 or more. */
  readonly forceN: number;
  /** Gauge length under it, mm. */
  readonly lengthMm: number;
  readonly phase: StepPhase;
  /** From 1; first cycles settle the cloth, the last counts. */
  readonly cycle: number;
}

/** A load ladder in one direction. Lengths in mm. */
export interface LoadLadder {
  readonly form: SwatchForm;
  /** Width of the strip w. */
  readonly widthMm: number;
  /** Gauge at rest L0. */
  readonly gaugeMm: number;
  readonly steps: readonly LadderStep[];
  /** Gauge 60 s after unloading; null where it was not read. */
  readonly afterMm: number | null;
  /** Gauge 30 min after unloading; null where it was not read. */
  readonly after30MinMm: number | null;
  /** Width at rest and at a strain, for the neck-in; null where it was not read. */
  readonly neckIn: NeckIn | null;
}

/** Widths of a strip pulled in the girth direction. */
export interface NeckIn {
  readonly restMm: number;
  readonly stretchedMm: number;
  /** Gauge length at which the stretched width was read, mm. */
  readonly atLengthMm: number;
}

/** What a ladder tells. */
export interface LadderResult {
  readonly loading: TensionCurve;
  /** Curve of the way back; null where no step was read while unloading. */
  readonly returning: TensionCurve | null;
  /** g = L_rec/L0 − 1; null where nothing was read after unloading. */
  readonly growth: number | null;
  /** R = (L_max − L_rec)/(L_max − L0). */
  readonly recovery: number | null;
  /** Reading the growth and the recovery come from. */
  readonly recoveredAfter: "60s" | "30min" | null;
  /** ν = −ln(w1/w0)/ln(1 + ε), 0 to 1; null where the width was not read. */
  readonly contraction: number | null;
}

/** Narrowest and widest strips a ladder is read on, mm. */
export const WIDTH_RANGE_MM: readonly [number, number] = [3, 500];

/** Tension of one step, N/m: `F/w` for a strip, `F/(2w)` for a loop. */
export const stepTension = ({ form, widthMm }: Pick<LoadLadder, "form" | "widthMm">, forceN: number): number =>
  (forceN / widthMm / (form === "loop" ? 2 : 1)) * 1000;

/**
 * Curves, growth, recovery and cross-contraction of a ladder; the last cycle counts.
 *
 * @returns the result, or a problem: `gauge-out-of-range`, `width-out-of-range`, `no-load-step`, `step-not-stretched`,
 *   `negative-force`, `after-below-gauge`, `after-above-stretched`, `neck-in-unreadable`.
 */
export function evaluateLadder(ladder: LoadLadder): Result<LadderResult> {
  const problem = dimensionProblem(ladder) ?? stepProblem(ladder);
  if (problem) return problem;
  const cycle = Math.max(...ladder.steps.map((step) => step.cycle));
  const steps = ladder.steps.filter((step) => step.cycle === cycle);
  const loading = readings(ladder, steps, "load");
  if (loading.length === 0) {
    return fail("no-load-step", "Expected at least one step read while loading in the last cycle, but there is none.");
  }
  const returned = returnOf(ladder, steps);
  if (!returned.ok) return returned;
  const contraction = contractionOf(ladder);
  if (!contraction.ok) return contraction;
  const { growth } = returned.value;
  const unloading = readings(ladder, steps, "unload");
  const slackUpTo: CurvePoint[] = growth !== null && growth > 0 ? [[growth, 0]] : [];
  return ok({
    loading: tensionCurve(loading),
    returning: unloading.length > 0 ? tensionCurve([...slackUpTo, ...unloading]) : null,
    ...returned.value,
    contraction: contraction.value,
  });
}

const readings = (ladder: LoadLadder, steps: readonly LadderStep[], phase: StepPhase): CurvePoint[] =>
  steps
    .filter((step) => step.phase === phase)
    .map(({ lengthMm, forceN }) => [lengthMm / ladder.gaugeMm - 1, stepTension(ladder, forceN)]);

function dimensionProblem({ gaugeMm, widthMm }: LoadLadder) {
  const outside = (value: number, [low, high]: readonly [number, number]) => !(value >= low && value <= high);
  if (outside(gaugeMm, GAUGE_RANGE_MM)) {
    return fail(
      "gauge-out-of-range",
      `Expected a gauge of ${GAUGE_RANGE_MM.join(" to ")} mm, but it is ${gaugeMm} mm.`,
    );
  }
  if (outside(widthMm, WIDTH_RANGE_MM)) {
    return fail(
      "width-out-of-range",
      `Expected a width of ${WIDTH_RANGE_MM.join(" to ")} mm, but it is ${widthMm} mm.`,
    );
  }
  return null;
}

function stepProblem({ gaugeMm, steps }: LoadLadder) {
  for (const [index, { forceN, lengthMm }] of steps.entries()) {
    const step = `step ${index + 1}`;
    if (!(forceN >= 0 && Number.isFinite(forceN))) {
      return fail("negative-force", `Expected a force of 0 N or more at ${step}, but it is ${forceN} N.`);
    }
    if (!(lengthMm > gaugeMm && Number.isFinite(lengthMm))) {
      return fail(
        "step-not-stretched",
        `Expected more than the gauge of ${gaugeMm} mm at ${step}, but it is ${lengthMm} mm.`,
      );
    }
  }
  return steps.length > 0 ? null : fail("no-load-step", "Expected at least one step, but there is none.");
}

type Returned = Pick<LadderResult, "growth" | "recovery" | "recoveredAfter">;

function returnOf(ladder: LoadLadder, steps: readonly LadderStep[]): Result<Returned> {
  const { gaugeMm, afterMm, after30MinMm } = ladder;
  const restMm = after30MinMm ?? afterMm;
  if (restMm === null) return ok({ growth: null, recovery: null, recoveredAfter: null });
  const longestMm = Math.max(...steps.map(({ lengthMm }) => lengthMm));
  if (!(restMm >= gaugeMm)) {
    return fail(
      "after-below-gauge",
      `Expected at least the gauge of ${gaugeMm} mm after unloading, but it is ${restMm} mm.`,
    );
  }
  if (!(restMm <= longestMm)) {
    return fail(
      "after-above-stretched",
      `Expected no more than the longest ${longestMm} mm after unloading, but it is ${restMm} mm.`,
    );
  }
  return ok({
    growth: restMm / gaugeMm - 1,
    recovery: (longestMm - restMm) / (longestMm - gaugeMm),
    recoveredAfter: after30MinMm === null ? "60s" : "30min",
  });
}

function contractionOf({ gaugeMm, neckIn }: LoadLadder): Result<number | null> {
  if (!neckIn) return ok(null);
  const strain = neckIn.atLengthMm / gaugeMm - 1;
  const contraction = -Math.log(neckIn.stretchedMm / neckIn.restMm) / Math.log(1 + strain);
  if (strain > 0 && contraction >= 0 && contraction <= 1) return ok(contraction);
  return fail(
    "neck-in-unreadable",
    `Expected a strip that grows narrower as it is pulled (contraction 0 to 1), but ${neckIn.restMm} mm became ${neckIn.stretchedMm} mm at ${neckIn.atLengthMm} mm.`,
  );
}
