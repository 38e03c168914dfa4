import { nameOf } from "../catalogue/index.ts";
import { type MeasuredValue, measuredValue } from "../sheetValues.ts";
import type { CheckFinding, CheckInput, CheckRule, Repair } from "./check.ts";
import { type Doubt, doubtsAbout } from "./doubt.ts";
import { expectedMm } from "./expected.ts";
import { possibleRepairs } from "./repairs.ts";

/** Two repairs closer than this, as a part of the value, are the same repair. */
const SAME_REPAIR = 1e-6;

/** Most repairs offered: with more of them it is quicker to look at the tape. */
const MOST_OFFERED = 2;

/** A repair farther from what is expected than this, on a scale of ratios, explains nothing. */
const FARTHEST = 0.35;

/** What a digit that had to be made up costs, on the scale of {@link FARTHEST}. */
const MADE_UP_COSTS = 0.05;

/**
 * Where a value is doubtful, tries each single slip of the pen on the text as written. A repair counts when it makes
 * the value undoubtful; up to two are offered, the one nearest to what the other measures and the last sheet lead one to
 * expect first.
 */
export const slipOfThePenCheck: CheckRule = {
  id: "body.slip",
  title: "Slip of the pen",
  evaluate(input) {
    const { values, earlier = [], isChild = false } = input;
    const found: CheckFinding[] = [];
    for (const doubt of doubtsAbout(values, earlier, isChild)) {
      const finding = offer(doubt, input);
      const repair = finding?.repairs?.[0];
      // One slip often raises several doubts: it is told once.
      const told = found.some(
        ({ code, side, repairs }) => repair && code === repair.code && side === repair.side && repairs !== undefined,
      );
      if (finding && !told) found.push(finding);
    }
    return found;
  },
};

function offer(doubt: Doubt, input: CheckInput): CheckFinding | null {
  const { values, unit, earlier = [], isChild = false } = input;
  const ranked = doubt.suspects
    .flatMap((value) => possibleRepairs(value, unit, values))
    .filter((repair) => settles(repair, values, { earlier, isChild }))
    .map((repair) => ({ repair, away: distance(repair, values, earlier) }))
    .filter(({ away }) => away <= FARTHEST)
    .toSorted((a, b) => a.away - b.away)
    .map(({ repair }) => repair);
  const [first, ...rest] = distinct(ranked);
  if (!first) return null;
  const repairs = [first, ...rest.filter(({ code, side }) => code === first.code && side === first.side)].slice(
    0,
    MOST_OFFERED,
  );
  const written = measuredValue(values, first.code, first.side)?.mm ?? first.mm;
  const [repaired, or] = repairs;
  return {
    ruleId: "body.slip",
    code: first.code,
    side: first.side,
    template: `${nameOf(first.code, first.side)} {written}: did you mean {repaired} (${first.slip})${or ? ` or {or} (${or.slip})` : ""}?`,
    lengths: { repaired: repaired?.mm ?? first.mm, written, ...(or ? { or: or.mm } : {}) },
    repairs,
  };
}

/** True where no doubt about the repaired value is left. */
function settles(
  repair: Repair,
  values: readonly MeasuredValue[],
  { earlier, isChild }: { readonly earlier: readonly MeasuredValue[]; readonly isChild: boolean },
): boolean {
  return !doubtsAbout(repairedBy(repair, values), earlier, isChild).some(({ suspects }) =>
    suspects.some(({ code, side }) => code === repair.code && side === repair.side),
  );
}

function repairedBy(repair: Repair, values: readonly MeasuredValue[]): MeasuredValue[] {
  return values.map((value) => {
    if (value.code !== repair.code) return value;
    if (value.side === repair.side) return { ...value, mm: repair.mm };
    return repair.swapsWith?.side === value.side ? { ...value, mm: repair.swapsWith.mm } : value;
  });
}

/** How far a repair lies from what is expected, as a logarithm of their ratio; 0 where nothing is expected. */
function distance(repair: Repair, values: readonly MeasuredValue[], earlier: readonly MeasuredValue[]): number {
  const expected = expectedMm(repair, values, earlier);
  const away = expected === null ? 0 : Math.abs(Math.log(repair.mm / expected));
  return away + (repair.madeUp ? MADE_UP_COSTS : 0);
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
