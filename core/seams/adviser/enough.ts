import { perCent } from "../perCent.ts";
import type { AdviserRule } from "./rule.ts";

/** What is good stays. */
export const enough: AdviserRule = {
  id: "enough",
  says: ({ stretch, needed }) => ({
    ...{ change: "keep", to: null },
    reason: `It gives ${perCent(stretch)}, and ${perCent(needed)} are needed: keep it.`,
  }),
};
