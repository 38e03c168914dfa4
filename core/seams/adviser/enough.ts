import { type AdviserRule, perCent } from "./rule.ts";

/** What is good stays. */
export const enough: AdviserRule = {
  id: "enough",
  says: ({ stretch, needed }) => ({
    ...{ change: "keep", to: null },
    reason: `It gives ${perCent(stretch)}, and ${perCent(needed)} are needed: keep it.`,
  }),
};
