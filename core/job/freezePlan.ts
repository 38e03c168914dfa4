import { stretchOf } from "../cloth/evaluateTest.ts";
import { nextPlan } from "../fitting/nextPlan.ts";
import type { CarriedChange, FrozenPlan } from "../fitting/prototype.ts";
import { ringsOf } from "../fitting/rings.ts";
import { fail, ok, type Result } from "../result.ts";
import { type JobIngredients, planJob } from "./planJob.ts";

/**
 * Copies everything a prototype is made from: sheet, test, settings, school, every girth and every change carried in.
 *
 * @returns the plan to freeze, or `plan-not-ready` where a zone, the cloth test or the school is missing; nothing is
 *   sewn from a plan with holes.
 */
export function freezePlan(
  ingredients: JobIngredients,
  wearerName: string,
  changes: readonly CarriedChange[],
): Result<FrozenPlan> {
  const { job, sheet, cloth, settings } = ingredients;
  const { planned } = planJob(ingredients);
  if (!planned || !sheet || !cloth || !job.school || planned.plan.missing.length > 0) {
    return fail("plan-not-ready", "Expected a plan with every zone, a cloth test and a chosen school.");
  }
  const rings = nextPlan(ringsOf(planned.plan.zones, job.school), changes, planned.stretch);
  return ok({
    format: 1,
    styleId: job.styleId,
    wearerName,
    sheet,
    cloth: { id: cloth.id, name: cloth.name, kind: cloth.kind, composition: cloth.composition },
    test: planned.test,
    stretch: stretchOf(planned.stretch),
    school: job.school,
    settings,
    rings: rings.map(({ consequences: _computed, ...ring }) => ring),
    changes: [...changes],
  });
}
