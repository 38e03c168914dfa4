import { stretchOf, type TestedLayer } from "../cloth/index.ts";
import { tissueNotes } from "../cups/index.ts";
import { isComplete, wornIn } from "../ease/index.ts";
import {
  type CarriedChange,
  cutLengths,
  FROZEN_FORMAT,
  type FrozenLayer,
  type FrozenPartLayer,
  type FrozenPlan,
  nextLengths,
  nextPlan,
  ringsOf,
} from "../fitting/index.ts";
import { checksOf } from "../parts/index.ts";
import { fail, ok, type Result } from "../result.ts";
import { fitChecks, madeOf, NEW_SEWING } from "../sewing/index.ts";
import type { JobIngredients, PlannedJob } from "./planJob.ts";

/** Whose garment it is, and what was decided for it. */
export interface FrozenFor {
  readonly wearerName: string;
  readonly changes: readonly CarriedChange[];
}

/**
 * Copies everything a prototype is made from: sheet, test, settings, school, every girth and every change carried in.
 *
 * @param plan the plan of these very ingredients.
 * @returns the plan to freeze, or `plan-not-ready` where a zone, the cloth test or the school is missing; nothing is
 *   sewn from a plan with holes.
 */
export function freezePlan(
  { job, style, sheet, settings, workings = {} }: JobIngredients,
  { planned }: PlannedJob,
  { wearerName, changes }: FrozenFor,
): Result<FrozenPlan> {
  const cloth = planned?.layers[0]?.cloth;
  if (!planned || !sheet || !cloth || !job.school || !isComplete(planned.plan)) {
    return fail("plan-not-ready", "Expected a plan with every zone, a cloth test and a chosen school.");
  }
  const { plan, layers, ofParts, stretch } = planned;
  const rings = nextPlan(ringsOf(plan.zones), changes, wornIn(style, stretch));
  return ok({
    format: FROZEN_FORMAT,
    styleId: job.styleId,
    wearerName,
    sheet,
    cloth: { id: cloth.id, name: cloth.name, kind: cloth.kind, composition: cloth.composition },
    test: planned.test,
    stretch: {
      ...stretchOf(stretch),
      wear: stretch.wear,
      stiffness: job.stiffness,
    },
    school: job.school,
    settings,
    style,
    layers: layers.flatMap(frozenLayer),
    ...(ofParts.length > 0 ? { ofParts: ofParts.map(frozenPart) } : {}),
    choice: { zones: job.zones, pressuresKpa: job.pressuresKpa },
    openings: job.openings,
    lengths: nextLengths(cutLengths(plan.lengths[job.school]), changes),
    workings,
    watch: [
      ...(workings.bustRoom ? tissueNotes(workings.bustRoom) : []),
      ...(workings.parts ? checksOf(workings.parts, style) : []),
      ...fitChecks(
        workings.sewing ?? NEW_SEWING,
        madeOf({ style, parts: workings.parts ?? null, openings: job.openings, layers }),
      ),
    ],
    rings: rings.map(({ consequences: _computed, ...ring }) => ring),
    changes: [...changes],
  });
}

const frozenPart = ({ cloth, direction, role = "cups", test, result }: TestedLayer): FrozenPartLayer => ({
  ...{ clothId: cloth.id, name: cloth.name, direction, role },
  ...{ testId: test?.id ?? null, testedOn: test?.testedOn ?? null, usable: result?.usable ?? null },
});

const frozenLayer = ({ cloth, direction, test, result }: TestedLayer): FrozenLayer[] =>
  test && result
    ? [
        {
          clothId: cloth.id,
          name: cloth.name,
          direction,
          testId: test.id,
          testedOn: test.testedOn,
          usable: result.usable,
        },
      ]
    : [];
