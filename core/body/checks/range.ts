import { measureOf, nameOf } from "../catalogue/index.ts";
import type { MeasureCode } from "../measure.ts";
import type { MeasuredValue } from "../sheetValues.ts";
import type { CheckRule } from "./check.ts";

/** The smallest child is this part of the smallest grown body. */
const CHILD_LOW = 0.55;

/** The largest is this part of the largest grown body: round it, and along it, where children catch up sooner. */
const CHILD_HIGH = { girth: 0.65, other: 0.78 } as const;

/** What a measure usually lies between, mm. */
export function usualRange(code: MeasureCode, isChild: boolean): readonly [number, number] {
  const { rangeMm, kind } = measureOf(code);
  const [low, high] = rangeMm;
  return isChild ? [low * CHILD_LOW, high * (kind === "girth" ? CHILD_HIGH.girth : CHILD_HIGH.other)] : [low, high];
}

/** True where a value lies outside its measure's plausible range, of a grown body or of a child. */
export function outOfRange(value: MeasuredValue, isChild = false): boolean {
  const [low, high] = usualRange(value.code, isChild);
  return value.mm < low || value.mm > high;
}

/** Asks about every value outside the plausible range of its measure. */
export const rangeCheck: CheckRule = {
  id: "body.range",
  title: "Plausible range",
  evaluate: ({ values, isChild = false }) =>
    values
      .filter((value) => outOfRange(value, isChild))
      .map((value) => {
        const [low, high] = usualRange(value.code, isChild);
        return {
          ruleId: "body.range",
          code: value.code,
          side: value.side,
          template: `${nameOf(value.code, value.side)} is {value}; ${isChild ? "on a child it" : "it"} usually lies between {low} and {high}.`,
          lengths: { value: value.mm, low, high },
        };
      }),
};
