import type { Calculation } from "../calculation/index.ts";
import type { DrawnJob } from "../pieces/index.ts";
import { reckonSewing, type SewingReckoning } from "./reckonSewing.ts";
import { type SewingFacts, sewingFactsOf } from "./sewingFacts.ts";
import { NEW_SEWING, SEWING_UNFIELDED, type SewingWorking } from "./working.ts";

/** The order a garment is sewn in. */
export const sewingCalculation: Calculation<SewingWorking, SewingFacts, SewingReckoning, DrawnJob> = {
  step: "sewing",
  fresh: NEW_SEWING,
  fields: {},
  unfielded: SEWING_UNFIELDED,
  appears: () => true,
  facts: sewingFactsOf,
  reckon: reckonSewing,
  again: (working) => ({ ...working, done: NEW_SEWING.done, spent: NEW_SEWING.spent, timer: null }),
};
