import type { BesideJob, JobFacts } from "../calculation/index.ts";
import type { JobIngredients, PlannedJob } from "./planJob.ts";

/** A job as its calculations see it. */
export function jobFacts(ingredients: JobIngredients, { planned }: PlannedJob, beside: BesideJob): JobFacts {
  const { job, style, sheet, settings } = ingredients;
  return {
    style,
    settings,
    school: job.school,
    zones: job.zones,
    plan: planned?.plan ?? null,
    stretch: planned?.stretch ?? null,
    layerNames: (ingredients.layers ?? []).map(({ cloth }) => cloth.name),
    body: sheet && {
      values: sheet.values,
      tape: sheet.tape,
      fingerAllowanceMm: settings.fingerAllowanceMm,
      source: beside.sheetName,
    },
    beside,
  };
}
