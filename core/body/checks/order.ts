import { nameOf } from "../catalogue.ts";
import type { MeasureCode } from "../measure.ts";
import { measuredValue } from "../sheetValues.ts";
import type { CheckFinding, CheckRule } from "./check.ts";

/** `smaller` usually does not pass `larger` by more than `slackMm`. */
interface UsualOrder {
  readonly smaller: MeasureCode;
  readonly larger: MeasureCode;
  readonly slackMm: number;
}

/** The orders bodies usually keep. Unusual is not wrong: the maker confirms. */
export const USUAL_ORDERS: readonly UsualOrder[] = [
  { smaller: "waist", larger: "hip", slackMm: 60 },
  { smaller: "high_hip", larger: "hip", slackMm: 40 },
  { smaller: "waist", larger: "high_hip", slackMm: 40 },
  { smaller: "waist_to_hip", larger: "crotch_depth", slackMm: 20 },
  { smaller: "crotch_front", larger: "crotch_back", slackMm: 20 },
];

/** Asks where two measures stand in an order bodies rarely show. */
export const orderCheck: CheckRule = {
  id: "body.order",
  title: "Usual order",
  evaluate: ({ values }) =>
    USUAL_ORDERS.flatMap(({ smaller, larger, slackMm }): CheckFinding[] => {
      const low = measuredValue(values, smaller);
      const high = measuredValue(values, larger);
      if (!low || !high || low.mm <= high.mm + slackMm) return [];
      const lowName = nameOf(smaller, "single");
      const highName = nameOf(larger, "single").toLowerCase();
      return [
        {
          ruleId: "body.order",
          code: smaller,
          side: "single",
          template: `${lowName} {low} is more than {slack} over the ${highName} {high}. Unusual; confirm both.`,
          lengths: { low: low.mm, high: high.mm, slack: slackMm },
        },
      ];
    }),
};
