import { median } from "../median.ts";
import type { MeasureCode, Side } from "./measure.ts";

/** How tight the tape lay: touching, or with one finger under it. */
export type TapeSchool = "snug" | "finger";

/** One reading of a measure, as typed. */
export interface Take {
  readonly text: string;
  /** Above 0. */
  readonly mm: number;
}

/** One measured value as it stands on a sheet. */
export interface MeasuredValue {
  readonly code: MeasureCode;
  readonly side: Side;
  /** As the maker typed it; several takes with a semicolon between. */
  readonly text: string;
  /** Median of the takes, mm, above 0. */
  readonly mm: number;
  /** The readings where there were several; left out for a single one. */
  readonly takes?: readonly Take[];
  /** How the tape lay for this measure, where it was not as on the rest of the sheet. */
  readonly tape?: TapeSchool;
}

/** Most takes of one measure: two agree, or the third decides. */
export const MOST_TAKES = 3;

/**
 * A value from its takes: the median (of two, their mean).
 * @param takes one to three.
 */
export function valueFromTakes(
  place: Pick<MeasuredValue, "code" | "side" | "tape">,
  takes: readonly Take[],
): MeasuredValue {
  const { code, side, tape } = place;
  return {
    code,
    side,
    text: takes.map(({ text }) => text).join("; "),
    mm: median(takes.map(({ mm }) => mm)),
    ...(takes.length > 1 ? { takes } : {}),
    ...(tape ? { tape } : {}),
  };
}

/** The takes of a value; a single reading is its own take. */
export const takesOf = ({ takes, text, mm }: MeasuredValue): readonly Take[] => takes ?? [{ text, mm }];

/** Largest take less smallest, mm; 0 for a single one. */
export function spreadOf(value: MeasuredValue): number {
  const read = takesOf(value).map(({ mm }) => mm);
  return Math.max(...read) - Math.min(...read);
}

/** Finds a value by measure and side; undefined where it was not taken. */
export const measuredValue = (
  values: readonly MeasuredValue[],
  code: MeasureCode,
  side: Side = "single",
): MeasuredValue | undefined => values.find((value) => value.code === code && value.side === side);

/** The larger of left and right, for room; undefined unless both were taken. */
export function largerSide(
  values: readonly MeasuredValue[],
  code: MeasureCode,
): { larger: MeasuredValue; smaller: MeasuredValue } | undefined {
  const left = measuredValue(values, code, "left");
  const right = measuredValue(values, code, "right");
  if (!left || !right) return undefined;
  return right.mm > left.mm ? { larger: right, smaller: left } : { larger: left, smaller: right };
}
