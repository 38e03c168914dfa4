import { nameOf } from "../catalogue/index.ts";
import { measuredValue } from "../sheetValues.ts";
import type { CheckRule } from "./check.ts";
import { SHORT_SPREAD_MM } from "./spread.ts";

/** Measures that are one length of the body under two names. */
const PAIRS = [["waist_to_high_hip", "height_waist_high_hip_side"]] as const;

/** Asks where one length was taken under two names, and not alike. */
export const sameLengthCheck: CheckRule = {
  id: "body.same",
  title: "Taken twice",
  evaluate: ({ values }) =>
    PAIRS.flatMap(([code, other]) => {
      const [one, two] = [measuredValue(values, code), measuredValue(values, other)];
      if (!one || !two || Math.abs(one.mm - two.mm) <= SHORT_SPREAD_MM) return [];
      return [
        {
          ...{ ruleId: "body.same", code, side: "single" as const },
          template: `${nameOf(code, "single")} {one} and ${nameOf(other, "single").toLowerCase()} {two} are one length of the body: take it once more.`,
          lengths: { one: one.mm, two: two.mm },
        },
      ];
    }),
};
