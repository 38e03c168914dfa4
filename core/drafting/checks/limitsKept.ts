import { runLength } from "../measured.ts";
import type { Check } from "./check.ts";
import { startOf } from "./where.ts";

/** No length of the pieces passes the length of the body that ends it. */
export const limitsKept: Check = {
  id: "limitsKept",
  holds: "No length passes the measure that ends it.",
  faults: (draft) =>
    draft.limits
      .map((limit) => ({ ...limit, mm: runLength(draft, limit.along) }))
      .filter(({ mm, mostMm }) => !(mm <= mostMm))
      .map(({ name, mm, mostMm, mostName, along }) => ({
        ...startOf(draft, along),
        message: `Expected the ${name} to be at most ${mostName}, ${mostMm.toFixed(0)} mm, but it is ${mm.toFixed(0)} mm.`,
      })),
};
