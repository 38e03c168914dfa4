import type { Calculation } from "../calculation/index.ts";
import type { DrawnJob } from "../pieces/index.ts";
import { reckonSeams, type SeamsReckoning } from "./reckonSeams.ts";
import { type SeamsFacts, seamsFactsOf } from "./seamsFacts.ts";
import { NEW_SEAMS, SEAMS_UNFIELDED, type SeamsWorking } from "./working.ts";

/** What the seams of a garment need, and what was tried for them. */
export const seamsCalculation: Calculation<SeamsWorking, SeamsFacts, SeamsReckoning, DrawnJob> = {
  step: "seams",
  fresh: NEW_SEAMS,
  fields: {},
  unfielded: SEAMS_UNFIELDED,
  appears: () => true,
  facts: seamsFactsOf,
  reckon: reckonSeams,
};
