import { runLength } from "../measured.ts";
import type { Check } from "./check.ts";
import { startOf } from "./where.ts";

/** What is drawn may fall short of what has to go into it by this, mm: less is the rounding of lengths. */
const ROUNDED_MM = 0.05;

/** Every length has room for what lies in it or on it: a channel for its wire, a back end for its hooks. */
export const needsKept: Check = {
  id: "needsKept",
  holds: "Every length has room for what lies in it.",
  faults: (draft) =>
    (draft.needs ?? [])
      .map((need) => ({ ...need, mm: runLength(draft, need.along) }))
      .filter(({ mm, leastMm }) => !(mm >= leastMm - ROUNDED_MM))
      .map(({ name, mm, leastMm, leastName, along }) => ({
        ...startOf(draft, along),
        message: `Expected the ${name} to be at least ${leastName}, ${leastMm.toFixed(1)} mm, but it is ${mm.toFixed(1)} mm: ${(leastMm - mm).toFixed(1)} mm are missing.`,
      })),
};
