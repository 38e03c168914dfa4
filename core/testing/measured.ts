import type { CheckFinding, MeasureCode, MeasuredValue, Side } from "../body/index.ts";
import { checkSheet } from "../body/index.ts";

/** A value of a sheet in mm, typed in cm. */
export const measured = (code: MeasureCode, mm: number, side: Side = "single"): MeasuredValue => ({
  code,
  side,
  text: String(mm / 10),
  mm,
});

/** Measures in mm by their codes; two numbers are left and right. */
export type Measures = Readonly<Partial<Record<MeasureCode, number | readonly [left: number, right: number]>>>;

/** Several of them: `{ waist: 742, root_width: [142, 136] }`. */
export const measuredAll = (measures: Measures): MeasuredValue[] =>
  (Object.entries(measures) as [MeasureCode, Measures[MeasureCode]][]).flatMap(([code, value]) => {
    if (value === undefined) return [];
    if (typeof value === "number") return [measured(code, value)];
    return [measured(code, value[0], "left"), measured(code, value[1], "right")];
  });

/** What one rule finds on a sheet in cm. */
export const foundBy = (ruleId: string, values: readonly MeasuredValue[], selfMeasured = false): CheckFinding[] =>
  checkSheet({ values, unit: "cm", selfMeasured }).filter((finding) => finding.ruleId === ruleId);
