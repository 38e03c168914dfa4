import type { Consequences, StylePlan, Zone } from "../ease/index.ts";

/** What the girth chosen in a zone does; null where none was, or the style has no such zone. */
export const chosenAt = (plan: StylePlan | null, zone: Zone): Consequences | null =>
  plan?.zones.find((one) => one.zone === zone)?.chosen?.consequences ?? null;
