import type { MeasureCode } from "../measure.ts";
import { type MeasuredValue, measuredValue } from "../sheetValues.ts";
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

/** What a value is doubted for, with every value that may be the wrong one. */
export interface Doubt {
  readonly why: "range" | "ratio" | "order" | "moved";
  readonly suspects: readonly MeasuredValue[];
}

/**
 * Every doubt about the values of a sheet: out of range, out of proportion to a neighbour, in an unusual order, or far
 * from this wearer's last sheet while the neighbours stayed.
 *
 * @param earlier values of the wearer's last sheet; none where there is no other.
 */
export function doubtsAbout(values: readonly MeasuredValue[], earlier: readonly MeasuredValue[]): Doubt[] {
  const pair = (...codes: readonly MeasureCode[]) => codes.flatMap((code) => measuredValue(values, code) ?? []);
  return [
    ...values.filter(outOfRange).map((value): Doubt => ({ why: "range", suspects: [value] })),
    ...brokenRatios(values).map(({ of, to }): Doubt => ({ why: "ratio", suspects: pair(of, to) })),
    ...brokenOrders(values).map(({ smaller, larger }): Doubt => ({ why: "order", suspects: pair(smaller, larger) })),
    ...movedAlone(values, earlier).map((value): Doubt => ({ why: "moved", suspects: [value] })),
  ];
}

function movedAlone(values: readonly MeasuredValue[], earlier: readonly MeasuredValue[]): MeasuredValue[] {
  return values.filter((value) => {
    const by = movedBy(value, earlier);
    if (by === null || Math.abs(by) <= MOVED_PART) return false;
    const neighbours = neighboursOf(value, values).flatMap((one) => movedBy(one, earlier) ?? []);
    return neighbours.length > 0 && neighbours.every((part) => Math.abs(part) < NEIGHBOURS_PART);
  });
}

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
