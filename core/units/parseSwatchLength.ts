import { fail, type Result } from "../result.ts";
import { parseLength } from "./parseLength.ts";
import { withItsUnit } from "./smallLength.ts";

/** Reads a length of a swatch: a bare number is in millimetres, what a ruler beside a swatch reads. */
export function parseSwatchLength(text: string): Result<number> {
  const parsed = parseLength(withItsUnit(text, "mm"), "cm");
  if (parsed.ok) return parsed;
  const came = text.trim() === "" ? "the field is empty" : `“${text.trim().slice(0, 40)}” cannot be read as one`;
  return fail(parsed.problem.code, `Expected a length such as 162 mm or 6 3/8 in, but ${came}.`);
}
