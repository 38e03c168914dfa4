import { type LengthUnit, MM_PER_INCH } from "../../units/length.ts";
import { parseLength } from "../../units/parseLength.ts";
import { measureOf } from "../catalogue/index.ts";
import type { MeasuredValue } from "../sheetValues.ts";
import type { Repair } from "./check.ts";

/**
 * Every way in which one slip of the pen could have turned the true value into this one: adjacent digits swapped,
 * the other unit meant, a factor of ten, a half or a quarter written for the whole (girths only).
 */
export function possibleRepairs(value: MeasuredValue, unit: LengthUnit): Repair[] {
  const { code, side, mm } = value;
  const as = (slip: string, repaired: number): Repair => ({ slip, code, side, mm: repaired });
  const cmPerInch = MM_PER_INCH / 10;
  const repairs = [
    ...swappedDigits(value.text, unit).map((repaired) => as("digits swapped", repaired)),
    as("inches written as centimetres", mm * cmPerInch),
    as("centimetres written as inches", mm / cmPerInch),
    as("a factor of ten too small", mm * 10),
    as("a factor of ten too large", mm / 10),
  ];
  if (measureOf(code).kind === "girth") {
    repairs.push(as("a half written for the whole", mm * 2), as("a quarter written for the whole", mm * 4));
  }
  return repairs;
}

function swappedDigits(text: string, unit: LengthUnit): number[] {
  const found: number[] = [];
  for (let at = 0; at + 1 < text.length; at += 1) {
    const [first, second] = [text[at] as string, text[at + 1] as string];
    if (!/\d/.test(first) || !/\d/.test(second) || first === second) continue;
    const parsed = parseLength(text.slice(0, at) + second + first + text.slice(at + 2), unit);
    if (parsed.ok) found.push(parsed.value);
  }
  return found;
}
