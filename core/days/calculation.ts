import type { Calculation, Reckoning } from "../calculation/index.ts";
import { DAYS_UNFIELDED, type DaysWorking, NEW_DAYS } from "./working.ts";

/** The days of a job: it is planned with all others, by `planDays`. */
export const daysCalculation: Calculation<DaysWorking, null, Reckoning> = {
  step: "sewing",
  fresh: NEW_DAYS,
  fields: {},
  unfielded: DAYS_UNFIELDED,
  appears: () => true,
  facts: () => null,
  // Days pass once.
  again: () => NEW_DAYS,
  reckon: () => ({ numbers: [], lacks: [], notes: [], warnings: [] }),
};
