import type { CheckFinding, MeasureCode, MeasuredValue, Side } from "../body/index.ts";
import { checkSheet } from "../body/index.ts";

/** A value of a sheet in mm, typed in cm. */
export const measured = (code: MeasureCode, mm: number, side: Side = "single"): MeasuredValue => ({
  code,
  side,
  text: String(mm / 10),
  mm,
});

/** Several of them: `{ waist: 742 }`. */
export const measuredAll = (values: Readonly<Partial<Record<MeasureCode, number>>>): MeasuredValue[] =>
  Object.entries(values).map(([code, mm]) => measured(code as MeasureCode, mm));

/** What one rule finds on a sheet in cm. */
export const foundBy = (ruleId: string, values: readonly MeasuredValue[], selfMeasured = false): CheckFinding[] =>
  checkSheet({ values, unit: "cm", selfMeasured }).filter((finding) => finding.ruleId === ruleId);
