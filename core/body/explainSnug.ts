import { type Explanation, term } from "../explain/index.ts";
import { formatDay } from "../units/index.ts";
import { measureOf, nameOf } from "./catalogue/index.ts";
import type { Sheet } from "./sheet.ts";
import type { MeasuredValue } from "./sheetValues.ts";

/**
 * Explains the snug girth a plan uses of a value: as taped, less the finger under the tape.
 * @returns null where nothing is taken off: a snug tape, a length or a width.
 */
export function explainSnug(
  { code, side, mm, tape }: MeasuredValue,
  sheet: Pick<Sheet, "tape" | "takenOn">,
  fingerMm: number,
): Explanation | null {
  if (measureOf(code).kind !== "girth" || (tape ?? sheet.tape) !== "finger") return null;
  return {
    title: `${nameOf(code, side)}, body, snug`,
    formula: "B = M − f",
    terms: [
      term("body", "length")("M", "as taped, one finger under the tape", mm, `sheet of ${formatDay(sheet.takenOn)}`),
      term("setting", "difference")("f", "finger under the tape", fingerMm, "settings of the ease plan"),
    ],
    result: { value: mm - fingerMm, unit: "length" },
    notes: ["Taken off girths only, never off lengths and widths."],
    others: [],
  };
}
