import { calculation, choice } from "../../calculation/index.ts";
import { hasBust } from "../hasBust.ts";
import { INCH_RULES } from "./labels.ts";
import { INCH_RULE_WORDS, reckonLabel } from "./reckonLabel.ts";
import { NEW_LABEL } from "./working.ts";

/** Labels of bras, by market. */
export const labelCalculation = calculation({
  step: "cups",
  fresh: NEW_LABEL,
  fields: {
    inchRule: choice(
      "Inch labels by",
      INCH_RULES.map((rule) => [rule, INCH_RULE_WORDS[rule].name]),
    ),
  },
  appears: hasBust,
  facts: ({ body }) => ({ body }),
  reckon: reckonLabel,
});
