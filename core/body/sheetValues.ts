import type { MeasureCode, Side } from "./measure.ts";

/** One measured value as it stands on a sheet. */
export interface MeasuredValue {
  readonly code: MeasureCode;
  readonly side: Side;
  /** As the maker typed it. */
  readonly text: string;
  /** Length in millimetres, above 0. */
  readonly mm: number;
}

/** How tight the tape lay: touching, or with one finger under it. */
export type TapeSchool = "snug" | "finger";

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
