import { fail, ok, type Result } from "../result.ts";
import { type LengthUnit, MM_PER_INCH, MM_PER_UNIT } from "./length.ts";
import { LONGEST_QUANTITY, parseQuantity } from "./parseQuantity.ts";

const FEET = /^(\d+)\s*(?:'|ft|foot|feet)\s*(?:(.+?)\s*(?:"|inches|inch|in)?)?$/;
const WITH_UNIT = /^(.*?)\s*(mm|cm|m|inches|inch|in|")?$/;

/**
 * Reads a length as makers type it: `92`, `92,5 cm`, `36 1/2`, `36-1/2"`, `36½ in`, `925mm`, `0.92 m`, `5'3"`.
 *
 * @param text what was typed; surrounding blanks and letter case do not matter.
 * @param unit the unit of a bare number (the sheet's unit).
 * @returns the length in millimetres (0 or more, finite), or the problem `length-missing` for an empty text and
 *   `length-unreadable` for anything else that is no length; its message repeats the text and shows an example.
 */
export function parseLength(text: string, unit: LengthUnit): Result<number> {
  const plain = normaliseMarks(text);
  if (plain === "")
    return fail("length-missing", `Expected a length such as ${exampleOf(unit)}, but the field is empty.`);
  const mm = plain.length > LONGEST_QUANTITY ? null : (feetAndInches(plain) ?? inOneUnit(plain, unit));
  if (mm === null || !Number.isFinite(mm)) {
    return fail(
      "length-unreadable",
      `Expected a length such as ${exampleOf(unit)}, but “${shorten(text)}” cannot be read as one.`,
    );
  }
  return ok(mm);
}

function feetAndInches(plain: string): number | null {
  const match = FEET.exec(plain);
  if (!match) return null;
  const inches = match[2] === undefined ? 0 : parseQuantity(match[2]);
  if (inches === null || inches >= 12) return null;
  return (Number(match[1]) * 12 + inches) * MM_PER_INCH;
}

function inOneUnit(plain: string, unit: LengthUnit): number | null {
  const match = WITH_UNIT.exec(plain);
  const quantity = match ? parseQuantity(match[1] ?? "") : null;
  const perUnit = MM_PER_UNIT[match?.[2] ?? unit];
  return quantity === null || perUnit === undefined ? null : quantity * perUnit;
}

/** Typographic feet, inch and fraction marks come from tablets' keyboards; they mean the plain ones. */
function normaliseMarks(text: string): string {
  return text
    .trim()
    .toLowerCase()
    .replace(/[′’‘]/g, "'")
    .replace(/''|[″”“]/g, '"');
}

function exampleOf(unit: LengthUnit): string {
  return unit === "cm" ? "71.5 or 28 1/4 in" : "28 1/4 or 71.5 cm";
}

/** Repeats what was typed without letting a long paste flood the page. */
export function shorten(text: string): string {
  return text.length > LONGEST_QUANTITY ? `${text.slice(0, LONGEST_QUANTITY)}…` : text;
}
