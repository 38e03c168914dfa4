import { gradePattern, type PatternSizes, type SizeChart } from "../../../core/ease/index.ts";
import type { Result } from "../../../core/result.ts";
import type { Repositories } from "../../../data/store.ts";
import type { JobPlanContext } from "./jobPlan.ts";

/** A size chart with the sizes chosen from it; grading is null while the plan has no girth to size by. */
export interface SizedPattern {
  readonly chart: SizeChart;
  readonly grading: Result<PatternSizes> | null;
}

/** The size chart of a job with the sizes chosen from it. */
export async function patternSizes(
  { charts }: Pick<Repositories, "charts">,
  { job, style, planned, settings }: Pick<JobPlanContext, "job" | "style" | "planned" | "settings">,
): Promise<SizedPattern | null> {
  const chart = job.chartId === null ? null : await charts.find(job.chartId);
  if (!chart) return null;
  const targets = (planned.planned?.plan.zones ?? []).flatMap(({ zone, body, chosen }) =>
    chosen ? [{ zone, bodyMm: body.snugMm, targetMm: chosen.consequences.garmentMm }] : [],
  );
  const { sizeStep: maxStep, bustOverChartMm } = settings;
  return {
    chart,
    grading: targets.length > 0 ? gradePattern(chart, targets, { style, maxStep, bustOverChartMm }) : null,
  };
}
