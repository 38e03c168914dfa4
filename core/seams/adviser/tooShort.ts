import { perCent } from "../perCent.ts";
import type { AdviserRule } from "./rule.ts";

/** Balanced, and still not enough. */
export const tooShort: AdviserRule = {
  id: "tooShort",
  says: ({ stretch, needed }) =>
    stretch < needed
      ? {
          ...{ change: "feedStretched", to: null },
          reason: `It is balanced, but gives ${perCent(stretch)} where ${perCent(needed)} are needed: feed the cloth slightly stretched there, or sew it with a triple stitch, and accept a wave that washes out.`,
        }
      : null,
};
