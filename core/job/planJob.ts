import type { MeasureCode, Side } from "../body/measure.ts";
import { missingMeasures } from "../body/missing.ts";
import type { Sheet } from "../body/sheet.ts";
import { type Cloth, countingTest, type SwatchTest } from "../cloth/cloth.ts";
import type { Direction } from "../cloth/direction.ts";
import { evaluateTest, type TestResult } from "../cloth/evaluateTest.ts";
import { planStyle, type StylePlan } from "../ease/planStyle.ts";
import type { EaseSettings } from "../ease/settings.ts";
import { styleOf } from "../ease/styles/index.ts";
import type { Job } from "./job.ts";

/** What a job is planned from, as far as it is there. */
export interface JobIngredients {
  readonly job: Job;
  readonly sheet: Sheet | null;
  readonly cloth: Cloth | null;
  /** All tests of the cloth. */
  readonly tests: readonly SwatchTest[];
  readonly settings: EaseSettings;
}

/** Something a job still lacks. */
export type MissingThing =
  | { readonly what: "sheet" }
  | { readonly what: "measure"; readonly code: MeasureCode; readonly side: Side }
  | { readonly what: "cloth" }
  | { readonly what: "test"; readonly direction: Direction }
  | { readonly what: "school" };

/** A plan with the cloth test it rests on. */
export interface JobPlan {
  readonly plan: StylePlan;
  readonly test: SwatchTest;
  readonly stretch: TestResult;
}

/** What there is of a job's plan, and what is missing for it. */
export interface PlannedJob {
  /** Null until there is a sheet, a cloth and a test in the direction round the body. */
  readonly planned: JobPlan | null;
  readonly missing: readonly MissingThing[];
}

/** Plans a job from what is there, and lists what is not. */
export function planJob({ job, sheet, cloth, tests, settings }: JobIngredients): PlannedJob {
  const style = styleOf(job.styleId);
  const test = cloth ? countingTest(tests, job.girthDirection) : undefined;
  const stretch = test && cloth ? evaluateTest(test, cloth.kind) : undefined;
  const missing: MissingThing[] = [
    ...(sheet
      ? missingMeasures(style.measures, sheet.values).map((which) => ({ what: "measure" as const, ...which }))
      : [{ what: "sheet" as const }]),
    ...(cloth ? [] : [{ what: "cloth" as const }]),
    ...(cloth && !stretch?.ok ? [{ what: "test" as const, direction: job.girthDirection }] : []),
    ...(job.school ? [] : [{ what: "school" as const }]),
  ];
  if (!sheet || !test || !stretch?.ok) return { planned: null, missing };
  const plan = planStyle({ style, body: sheet, cloth: stretch.value, settings });
  return { planned: { plan, test, stretch: stretch.value }, missing };
}
