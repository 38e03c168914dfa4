import { type StretchStep, stretchStepOf } from "../../core/ease/stretchStep.ts";
import type { ZonePlan } from "../../core/ease/zonePlan.ts";
import type { Zone } from "../../core/ease/zones.ts";

/** How far each zone with a chosen girth is stretched, for the figure. */
export const stretchedZones = (zones: readonly ZonePlan[]): { zone: Zone; step: StretchStep }[] =>
  zones.flatMap(({ zone, chosen }) =>
    chosen ? [{ zone, step: stretchStepOf(chosen.consequences.shareUsed, chosen.consequences.strain) }] : [],
  );
