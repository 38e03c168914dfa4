import { measureOf } from "../catalogue/index.ts";
import type { MeasureCode } from "../measure.ts";
import { type MeasuredValue, measuredValue } from "../sheetValues.ts";
import { LOOP_CODES, loopOff } from "./loop.ts";
import { brokenOrders } from "./order.ts";
import { outOfRange } from "./range.ts";
import { brokenRatios } from "./ratios.ts";

/** Girths of the trunk from the top down: the ones beside a girth are its neighbours. */
const DOWN_THE_TRUNK: readonly MeasureCode[] = [
  "overbust",
  "bust",
  "underbust",
  "mid_rib",
  "waist",
  "high_hip",
  "hip",
  "thigh",
];

/** A girth that moved by more since the last sheet, while its neighbours moved by less than the second, is doubted. */
const MOVED_PART = 0.08;
const NEIGHBOURS_PART = 0.04;

/** Where no neighbour was taken both times, one that moved by more than this is doubted. */
const LEAP_PART = 0.25;

/** Left and right of a limb or a length that differ by more than this, as a part of the larger; breasts may. */
const SIDES_PART = 0.15;

/** What a value is doubted for, with every value that may be the wrong one. */
export interface Doubt {
  readonly why: "range" | "ratio" | "order" | "moved" | "sides" | "loop";
  readonly suspects: readonly MeasuredValue[];
}

/**
 * Every doubt about the values of a sheet: out of range, out of proportion to a neighbour, in an unusual order, far
 * from this wearer's last sheet while the neighbours stayed, far from the other side, or off the loop they are parts of.
 *
 * @param earlier values of the wearer's last sheet; none where there is no other.
 */
export function doubtsAbout(
  values: readonly MeasuredValue[],
  earlier: readonly MeasuredValue[],
  isChild = false,
): Doubt[] {
  const pair = (...codes: readonly MeasureCode[]) => codes.flatMap((code) => measuredValue(values, code) ?? []);
  return [
    ...values
      .filter((value) => outOfRange(value, isChild))
      .map((value): Doubt => ({ why: "range", suspects: [value] })),
    ...brokenRatios(values).map(({ of, to }): Doubt => ({ why: "ratio", suspects: pair(of, to) })),
    ...brokenOrders(values).map(({ smaller, larger }): Doubt => ({ why: "order", suspects: pair(smaller, larger) })),
    ...movedAlone(values, earlier).map((value): Doubt => ({ why: "moved", suspects: [value] })),
    ...sidesApart(values).map((suspects): Doubt => ({ why: "sides", suspects })),
    ...(loopOff(values) ? [{ why: "loop" as const, suspects: pair(...LOOP_CODES) }] : []),
  ];
}

function movedAlone(values: readonly MeasuredValue[], earlier: readonly MeasuredValue[]): MeasuredValue[] {
  return values.filter((value) => {
    const by = movedBy(value, earlier);
    if (by === null || Math.abs(by) <= MOVED_PART) return false;
    const neighbours = neighboursOf(value, values).flatMap((one) => movedBy(one, earlier) ?? []);
    return neighbours.length > 0
      ? neighbours.every((part) => Math.abs(part) < NEIGHBOURS_PART)
      : Math.abs(by) > LEAP_PART;
  });
}

/** Left and right of what is no breast, where they are too far apart to be two sides of one body. */
const sidesApart = (values: readonly MeasuredValue[]): (readonly MeasuredValue[])[] =>
  values.flatMap((left) => {
    const right = left.side === "left" ? measuredValue(values, left.code, "right") : undefined;
    const apart = right && Math.abs(left.mm - right.mm) > SIDES_PART * Math.max(left.mm, right.mm);
    return apart && measureOf(left.code).group !== "breast" ? [[left, right]] : [];
  });

/** How far a value moved since the last sheet, as a part of what it was; null where it was not taken then. */
export function movedBy({ code, side, mm }: MeasuredValue, earlier: readonly MeasuredValue[]): number | null {
  const then = measuredValue(earlier, code, side);
  return then ? mm / then.mm - 1 : null;
}

/** The trunk girths directly above and below that were taken; of a side, the same measure on the other. */
function neighboursOf({ code, side }: MeasuredValue, values: readonly MeasuredValue[]): MeasuredValue[] {
  const at = DOWN_THE_TRUNK.indexOf(code);
  const other = side === "left" ? "right" : side === "right" ? "left" : null;
  const across = other === null ? [] : [measuredValue(values, code, other)];
  const taken = (codes: readonly MeasureCode[]) =>
    codes.map((one) => measuredValue(values, one)).find((value) => value !== undefined);
  const along = at === -1 ? [] : [taken(DOWN_THE_TRUNK.slice(0, at).toReversed()), taken(DOWN_THE_TRUNK.slice(at + 1))];
  return [...across, ...along].filter((value) => value !== undefined);
}
