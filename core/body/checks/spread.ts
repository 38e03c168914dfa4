import { nameOf } from "../catalogue/index.ts";
import { MOST_TAKES, spreadOf, takesOf } from "../sheetValues.ts";
import type { CheckRule } from "./check.ts";

/** Takes further apart than this ask for another; short measures are held closer. */
export const SPREAD_MM = 10;
export const SHORT_SPREAD_MM = 5;
const SHORT_BELOW_MM = 300;

/** Asks for another take where those taken do not agree. */
export const spreadCheck: CheckRule = {
  id: "body.spread",
  title: "Takes apart",
  evaluate: ({ values }) =>
    values
      .filter((value) => spreadOf(value) > (value.mm < SHORT_BELOW_MM ? SHORT_SPREAD_MM : SPREAD_MM))
      .map((value) => ({
        ruleId: "body.spread",
        code: value.code,
        side: value.side,
        template: `${nameOf(value.code, value.side)}: the takes are {spread} apart. ${
          takesOf(value).length < MOST_TAKES
            ? "Take it once more."
            : "The middle one counts; take them afresh if you can."
        }`,
        lengths: { spread: spreadOf(value) },
      })),
};
