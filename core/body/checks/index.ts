import type { CheckFinding, CheckInput, CheckRule } from "./check.ts";
import { helperCheck } from "./helper.ts";
import { loopCheck } from "./loop.ts";
import { orderCheck } from "./order.ts";
import { rangeCheck } from "./range.ts";
import { sameLengthCheck } from "./sameLength.ts";
import { sidesCheck } from "./sides.ts";
import { slipOfThePenCheck } from "./slipOfThePen.ts";
import { spreadCheck } from "./spread.ts";

/** Every check a sheet goes through, in the order they are shown. */
export const CHECK_RULES: readonly CheckRule[] = [
  slipOfThePenCheck,
  rangeCheck,
  orderCheck,
  loopCheck,
  spreadCheck,
  sameLengthCheck,
  sidesCheck,
  helperCheck,
];

/** Runs all checks. An empty list means that nothing asks for a second look. */
export const checkSheet = (input: CheckInput): CheckFinding[] => CHECK_RULES.flatMap((rule) => rule.evaluate(input));
