import { measureOf, nameOf } from "../catalogue/index.ts";
import type { CheckRule } from "./check.ts";

/** Marks what one person cannot take truly on themselves, on a sheet that was self-measured. */
export const helperCheck: CheckRule = {
  id: "body.helper",
  title: "Needs a helper",
  evaluate: ({ values, selfMeasured }) =>
    selfMeasured
      ? values
          .filter(({ code }) => measureOf(code).helper)
          .map(({ code, side, mm }) => ({
            ruleId: "body.helper",
            code,
            side,
            template: `${nameOf(code, side)} {value} was self-measured; it needs a helper to be true.`,
            lengths: { value: mm },
          }))
      : [],
};
