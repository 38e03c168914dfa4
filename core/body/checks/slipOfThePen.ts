import { nameOf } from "../catalogue/index.ts";
import type { MeasuredValue } from "../sheetValues.ts";
import { measuredValue } from "../sheetValues.ts";
import type { CheckFinding, CheckInput, CheckRule, Repair } from "./check.ts";
import { outOfRange } from "./range.ts";
import { brokenRatios } from "./ratios.ts";
import { possibleRepairs } from "./repairs.ts";

/** Two repairs closer than this, as a part of the value, are the same repair. */
const SAME_REPAIR = 1e-6;

/**
 * Where a value is out of range, or its ratio to a neighbour is, tries each single slip of the pen. Exactly one
 * repair that lands inside every range is offered by name; none or several offer nothing, since guessing is worse
 * than asking.
 */
export const slipOfThePenCheck: CheckRule = {
  id: "body.slip",
  title: "Slip of the pen",
  evaluate: (input) => [...outOfRangeSlips(input), ...ratioSlips(input)],
};

function outOfRangeSlips(input: CheckInput): CheckFinding[] {
  return input.values.filter(outOfRange).flatMap((value) => offer([value], input));
}

function ratioSlips(input: CheckInput): CheckFinding[] {
  if (input.values.some(outOfRange)) return [];
  return brokenRatios(input.values).flatMap(({ of, to }) => {
    const pair = [measuredValue(input.values, of), measuredValue(input.values, to)];
    return offer(
      pair.filter((value) => value !== undefined),
      input,
    );
  });
}

function offer(suspects: readonly MeasuredValue[], input: CheckInput): CheckFinding[] {
  const fitting = distinct(
    suspects.flatMap((value) => possibleRepairs(value, input.unit).filter((repair) => lands(repair, input.values))),
  );
  const [repair] = fitting;
  if (!repair || fitting.length > 1) return [];
  const written = measuredValue(input.values, repair.code, repair.side)?.mm ?? repair.mm;
  return [
    {
      ruleId: "body.slip",
      code: repair.code,
      side: repair.side,
      template: `${nameOf(repair.code, repair.side)}: did you mean {repaired} instead of {written} (${repair.slip})?`,
      lengths: { repaired: repair.mm, written },
      repair,
    },
  ];
}

function lands(repair: Repair, values: readonly MeasuredValue[]): boolean {
  const repaired = values.map((value) =>
    value.code === repair.code && value.side === repair.side ? { ...value, mm: repair.mm } : value,
  );
  const changed = measuredValue(repaired, repair.code, repair.side);
  return changed !== undefined && !outOfRange(changed) && brokenRatios(repaired).length === 0;
}

function distinct(repairs: readonly Repair[]): Repair[] {
  return repairs.filter(
    (repair, index) =>
      repairs.findIndex(
        (other) =>
          other.code === repair.code &&
          other.side === repair.side &&
          Math.abs(other.mm - repair.mm) <= SAME_REPAIR * repair.mm,
      ) === index,
  );
}
