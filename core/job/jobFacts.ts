import { shelfElastic } from "../band/index.ts";
import type { BesideJob, JobFacts } from "../calculation/index.ts";
import {
  adviseChoice,
  type ClothSettings,
  countingTest,
  goesRound,
  type LayupStretch,
  layupStretch,
  summariseTests,
} from "../cloth/index.ts";
import { type JobIngredients, layersOf, type PlannedJob } from "./planJob.ts";

/** A job as its calculations see it. */
export function jobFacts(
  ingredients: JobIngredients,
  { planned, closed }: PlannedJob,
  beside: BesideJob,
  keptWorkings: JobFacts["keptWorkings"],
): JobFacts {
  const { job, style, sheet, settings, clothSettings, edge = null } = ingredients;
  const layers = layersOf(ingredients);
  return {
    style,
    settings,
    school: job.school,
    zones: job.zones,
    plan: planned?.plan ?? null,
    stretch: planned?.stretch ?? null,
    rollWidthMm: narrowest(layers.map(({ cloth }) => cloth.rollWidthMm)),
    cupsStretch: cupsStretchOf(planned, clothSettings),
    layerNames: (ingredients.layers ?? []).filter(goesRound).map(({ cloth }) => cloth.name),
    cloths: layers.map(({ cloth, tests, direction, role = "shell" }) => ({
      ...{ name: cloth.name, role, direction, rollWidthMm: cloth.rollWidthMm },
      ...{ shrinkageAlong: cloth.shrinkageAlong, shrinkageAcross: cloth.shrinkageAcross },
      // Few pages ask for these.
      get usable() {
        return countingTest(tests, direction, cloth.kind, clothSettings)?.usable ?? null;
      },
      get advice() {
        return adviseChoice(cloth.kind, summariseTests(tests, cloth.kind, clothSettings), direction);
      },
    })),
    edge: edge ? shelfElastic(edge, clothSettings) : null,
    openings: job.openings,
    body: sheet && {
      values: sheet.values,
      tape: sheet.tape,
      fingerAllowanceMm: settings.fingerAllowanceMm,
      source: beside.sheetName,
    },
    closed,
    patternLengthsMm: job.patternLengthsMm,
    keptWorkings,
    beside,
  };
}

/** What cups stretch to: by a cloth of their own where they have one, null where that was not tested. */
function cupsStretchOf(planned: PlannedJob["planned"], settings: ClothSettings): LayupStretch | null {
  const own = planned?.ofParts.filter(({ role }) => role === "cups") ?? [];
  return own.length > 0 ? layupStretch(own, settings) : (planned?.stretch ?? null);
}

function narrowest(widths: readonly (number | null)[]): number | null {
  const known = widths.filter((mm) => mm !== null);
  return known.length === 0 ? null : Math.min(...known);
}
