import { nameOf } from "../catalogue/index.ts";
import type { MeasureCode } from "../measure.ts";
import { type MeasuredValue, measuredValue } from "../sheetValues.ts";
import type { CheckFinding, CheckRule } from "./check.ts";

/** `smaller` usually does not pass `larger` by more than `slackMm`. */
export interface UsualOrder {
  readonly smaller: MeasureCode;
  readonly larger: MeasureCode;
  readonly slackMm: number;
}

/** The orders bodies usually keep. Unusual is not wrong: the maker confirms. */
export const USUAL_ORDERS: readonly UsualOrder[] = [
  { smaller: "overbust", larger: "bust", slackMm: 20 },
  { smaller: "underbust", larger: "bust", slackMm: 0 },
  { smaller: "underbust", larger: "underbust_inhaled", slackMm: 0 },
  { smaller: "bust", larger: "shoulder_girth", slackMm: 60 },
  { smaller: "waist", larger: "waist_inhaled", slackMm: 10 },
  { smaller: "waist", larger: "waist_seated", slackMm: 10 },
  { smaller: "cinched_waist", larger: "waist", slackMm: 0 },
  { smaller: "cinched_underbust", larger: "underbust", slackMm: 0 },
  { smaller: "waist", larger: "hip", slackMm: 60 },
  { smaller: "high_hip", larger: "hip", slackMm: 40 },
  { smaller: "waist", larger: "high_hip", slackMm: 40 },
  { smaller: "waist_to_hip", larger: "crotch_depth", slackMm: 20 },
  { smaller: "waist_to_high_hip", larger: "waist_to_hip", slackMm: 0 },
  { smaller: "crotch_front", larger: "crotch_back", slackMm: 20 },
  { smaller: "crotch_depth", larger: "crotch_back", slackMm: 0 },
  { smaller: "side_waist", larger: "back_waist", slackMm: 0 },
  { smaller: "back_waist", larger: "front_waist", slackMm: 40 },
  { smaller: "bust_front_arc", larger: "bust", slackMm: 0 },
  { smaller: "waist_front_arc", larger: "waist", slackMm: 0 },
  { smaller: "hip_front_arc", larger: "hip", slackMm: 0 },
];

/** The usual orders that these values break; those with a missing value are left out. */
export const brokenOrders = (values: readonly MeasuredValue[]): UsualOrder[] =>
  USUAL_ORDERS.filter(({ smaller, larger, slackMm }) => {
    const low = measuredValue(values, smaller);
    const high = measuredValue(values, larger);
    return low !== undefined && high !== undefined && low.mm > high.mm + slackMm;
  });

/** Asks where two measures stand in an order bodies rarely show. */
export const orderCheck: CheckRule = {
  id: "body.order",
  title: "Usual order",
  evaluate: ({ values }) =>
    brokenOrders(values).map(({ smaller, larger, slackMm }): CheckFinding => {
      const lowName = nameOf(smaller, "single");
      const highName = nameOf(larger, "single").toLowerCase();
      const mmOf = (code: MeasureCode) => measuredValue(values, code)?.mm ?? 0;
      return {
        ruleId: "body.order",
        code: smaller,
        side: "single",
        template: `${lowName} {low} is ${slackMm > 0 ? "more than {slack} " : ""}over the ${highName} {high}. Unusual; confirm both.`,
        lengths: { low: mmOf(smaller), high: mmOf(larger), slack: slackMm },
      };
    }),
};
