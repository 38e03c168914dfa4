import { CATALOGUE } from "../catalogue/index.ts";
import { measuredValue } from "../sheetValues.ts";
import type { CheckFinding, CheckRule } from "./check.ts";

/** Left and right differing by more than this is kept as an asymmetry, never averaged away. */
export const ASYMMETRY_MM = 10;

/** The same for the measures of the breast. */
export const BREAST_ASYMMETRY_MM = 5;

/** Tells where left and right differ enough to be cut apart. */
export const sidesCheck: CheckRule = {
  id: "body.sides",
  title: "Left and right",
  evaluate: ({ values }) =>
    CATALOGUE.filter((measure) => measure.sided).flatMap((measure): CheckFinding[] => {
      const left = measuredValue(values, measure.code, "left");
      const right = measuredValue(values, measure.code, "right");
      if (
        !left ||
        !right ||
        Math.abs(left.mm - right.mm) <= (measure.group === "breast" ? BREAST_ASYMMETRY_MM : ASYMMETRY_MM)
      )
        return [];
      const larger = left.mm > right.mm ? "left" : "right";
      return [
        {
          ruleId: "body.sides",
          code: measure.code,
          side: larger,
          template: `${measure.name}: left {left}, right {right}. Both are kept; the plan makes room for the ${larger}.`,
          lengths: { left: left.mm, right: right.mm },
        },
      ];
    }),
};
