import { measureOf, nameOf } from "../catalogue/index.ts";
import type { MeasuredValue } from "../sheetValues.ts";
import type { CheckRule } from "./check.ts";

/** True where a value lies outside its measure's plausible range. */
export function outOfRange(value: MeasuredValue): boolean {
  const [low, high] = measureOf(value.code).rangeMm;
  return value.mm < low || value.mm > high;
}

/** Asks about every value outside the plausible range of its measure. */
export const rangeCheck: CheckRule = {
  id: "body.range",
  title: "Plausible range",
  evaluate: ({ values }) =>
    values.filter(outOfRange).map((value) => {
      const [low, high] = measureOf(value.code).rangeMm;
      return {
        ruleId: "body.range",
        code: value.code,
        side: value.side,
        template: `${nameOf(value.code, value.side)} is {value}; it usually lies between {low} and {high}.`,
        lengths: { value: value.mm, low, high },
      };
    }),
};
