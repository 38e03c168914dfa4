import type { BodyFacts, ClosedGarment } from "../../calculation/index.ts";
import { isBoned, type Zone } from "../../ease/index.ts";
import { CORSET_LEVEL_NAMES, CORSET_LEVEL_ZONES } from "../level.ts";
import { type BonedStyle, levelsOf } from "./corsetFacts.ts";
import type { CorsetPlan } from "./corsetPlan.ts";
import { isLacedBy, reckonCorset } from "./reckonCorset.ts";
import type { CorsetWorking } from "./working.ts";

/** What a garment is closed from: its style, what was decided of it, and the body. */
export interface ClosedFrom {
  readonly style: BonedStyle;
  /** Null while nothing was kept. */
  readonly corset: CorsetWorking | null;
  readonly body: BodyFacts | null;
}

/** A boned garment as it is planned; null of any other, and while nothing was kept or something lacks. */
export function closedGarment({ style, corset, body }: ClosedFrom): ClosedGarment | null {
  if (!corset || !body || !isBoned(style)) return null;
  const facts = { levels: levelsOf(style), closes: style.closes ?? ("laced" as const), body, isForm: false };
  const { plan } = reckonCorset(corset, facts);
  return plan && asGarment(plan);
}

/** A plan as other calculations see it. */
export const asGarment = (plan: CorsetPlan): ClosedGarment => ({
  levels: plan.levels.map(({ level, bodyMm, closedMm, patternMm }) => ({
    ...{ level, bodyMm, closedMm, patternMm },
    name: CORSET_LEVEL_NAMES[level],
  })),
  gapMm: plan.gapMm,
  addedMm: plan.addedMm,
  laced: isLacedBy(plan.closing),
  opensInFront: plan.closing === "buskLaced" || plan.closing === "busk",
  heights: plan.heights as ClosedGarment["heights"],
});

/** The body it closes on in each zone of the ease plan, mm: at a lower edge that lies above the hip, the body there. */
export const closedBodyByZone = (garment: ClosedGarment | null): Partial<Record<Zone, number>> =>
  byZone(garment, ({ bodyMm }) => bodyMm);

/** What it closes to in each zone of the ease plan, mm. */
export const closedByZone = (garment: ClosedGarment | null): Partial<Record<Zone, number>> =>
  byZone(garment, ({ closedMm }) => closedMm);

const byZone = (
  garment: ClosedGarment | null,
  of: (level: ClosedGarment["levels"][number]) => number,
): Partial<Record<Zone, number>> =>
  Object.fromEntries(
    (garment?.levels ?? []).flatMap((one) => {
      const zone = CORSET_LEVEL_ZONES[one.level as keyof typeof CORSET_LEVEL_ZONES];
      return zone ? [[zone, of(one)]] : [];
    }),
  );
