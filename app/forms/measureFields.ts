import { CATALOGUE, sidesOf } from "../../core/body/catalogue.ts";
import type { MeasureCode, Side } from "../../core/body/measure.ts";
import type { MeasuredValue } from "../../core/body/sheetValues.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { parseLength } from "../../core/units/parseLength.ts";
import type { Fields } from "./unsaved.ts";

/** Longest length looked at, mm: room for a slip of ten times, which the checks then offer to repair. */
const LONGEST_MM = 20_000;

/** Name of the form field of a measure. */
export const measureField = (code: MeasureCode, side: Side): string => `${code}.${side}`;

/** Reads all measures of a form; what cannot be read gets a message, what is empty is left out. */
export function readMeasures(
  fields: Fields,
  unit: LengthUnit,
): { values: MeasuredValue[]; errors: Record<string, string> } {
  const values: MeasuredValue[] = [];
  const errors: Record<string, string> = {};
  for (const measure of CATALOGUE) {
    for (const side of sidesOf(measure)) {
      const name = measureField(measure.code, side);
      const text = (fields[name] ?? "").trim();
      if (text === "") continue;
      const parsed = parseLength(text, unit);
      if (!parsed.ok) errors[name] = parsed.problem.message;
      else if (!(parsed.value > 0 && parsed.value <= LONGEST_MM)) {
        errors[name] = `Expected a length above 0 and up to 20 m, but got “${text}”.`;
      } else values.push({ code: measure.code, side, text, mm: parsed.value });
    }
  }
  return { values, errors };
}
