import { formatDay } from "../units/index.ts";
import type { Sheet } from "./sheet.ts";

/**
 * How explanations name a sheet: `sheet of 3 May 2026`, and what was taken off its girths for the finger under the
 * tape, so that a snug girth can be told from the one on the sheet.
 */
export function sheetWords(
  { takenOn, tape, values }: Pick<Sheet, "takenOn" | "tape" | "values">,
  fingerMm: number,
): string {
  const day = `sheet of ${formatDay(takenOn)}`;
  if (tape === "finger") return `${day}, its girths less ${fingerMm} mm for the finger under the tape`;
  return values.some((value) => value.tape === "finger")
    ? `${day}, ${fingerMm} mm off the girths taken with a finger under the tape`
    : day;
}
