import { type StretchStep, stretchStepOf, type Zone, type ZonePlan } from "../../core/ease/index.ts";

/** How far each zone with a chosen girth is stretched, for the figure. */
export const stretchedZones = (zones: readonly ZonePlan[]): { zone: Zone; step: StretchStep }[] =>
  zones.flatMap(({ zone, chosen }) =>
    // In a boned garment the body gives: no cloth of it is stretched.
    chosen && !chosen.consequences.bodyGives
      ? [{ zone, step: stretchStepOf(chosen.consequences.shareUsed, chosen.consequences.strain) }]
      : [],
  );
