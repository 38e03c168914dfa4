import type { BesideJob, JobFacts } from "../calculation/index.ts";
import type { LayupStretch } from "../cloth/index.ts";
import { type CorsetWorking, closedBodyByZone, closedGarment } from "../corset/index.ts";
import { planStyle, type Zone, type ZoneChoice } from "../ease/index.ts";
import type { FrozenPlan } from "../fitting/index.ts";

/** What a prototype does not freeze of its cloth: how it gives along the body, and how its tests were read. */
export type UnfrozenCloth = Pick<LayupStretch, "usableAlong" | "contraction" | "basis" | "recoveredAfter">;

/** Of a cloth that has no tests any more. How they were read no piece looks at. */
const UNTOLD: UnfrozenCloth = { usableAlong: null, contraction: null, basis: "hand", recoveredAfter: null };

/**
 * A job as a prototype froze it: its sheet, style, settings and school, and every girth as it was planned then. How the cloth gives along the
 * body is that of today, null where it has no tests any more.
 */
export function frozenFacts(frozen: FrozenPlan, beside: BesideJob, cloth: UnfrozenCloth | null): JobFacts {
  const { sheet, style, settings, school } = frozen;
  const stretch: LayupStretch = {
    ...(cloth ?? UNTOLD),
    ...frozen.stretch,
    ...{ wearBasis: null, withoutCurve: [], setBy: frozen.cloth.name, untestedAlong: [] },
  };
  const zones = girthsOf(frozen);
  const body = {
    values: sheet.values,
    tape: sheet.tape,
    fingerAllowanceMm: settings.fingerAllowanceMm,
    source: beside.sheetName,
  };
  const closed = closedGarment({ style, corset: (frozen.workings.corset as CorsetWorking | undefined) ?? null, body });
  return {
    ...{ style, settings, school, zones, stretch, cupsStretch: stretch, beside },
    plan: planStyle({
      ...{ style, body: sheet, cloth: stretch, settings, closedBody: closedBodyByZone(closed) },
      choice: { school, zones, pressuresKpa: frozen.choice.pressuresKpa },
    }),
    layerNames: frozen.layers.map(({ name }) => name),
    rollWidthMm: null,
    cloths: [],
    edge: null,
    openings: {},
    body,
    closed,
    patternLengthsMm: {},
    keptWorkings: frozen.workings,
  };
}

/** Every zone at the girth it was planned at; of two sides the larger, by which pieces are drawn. */
function girthsOf({ rings }: FrozenPlan): Partial<Record<Zone, ZoneChoice>> {
  const zones: Partial<Record<Zone, ZoneChoice>> = {};
  for (const { zone } of rings) {
    const there = rings.filter((ring) => ring.zone === zone).map(({ plannedMm }) => plannedMm);
    zones[zone] = { by: "own", garmentMm: Math.max(...there) };
  }
  return zones;
}
