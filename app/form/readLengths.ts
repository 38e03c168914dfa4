import { type LengthUnit, parseLength } from "../../core/units/index.ts";
import type { Fields } from "./unsaved.ts";

/** Longest length of a garment, mm. */
const LONGEST_MM = 3000;

/**
 * Reads the lengths of a garment from a form, one field a length; an empty one was not measured. What cannot be read
 * gets a message in `errors`, under the name of its field.
 */
export function readLengths<Key extends string>(
  fields: Fields,
  keys: readonly Key[],
  nameOf: (key: Key) => string,
  { unit, errors }: { unit: LengthUnit; errors: Record<string, string> },
): Partial<Record<Key, number>> {
  const read: Partial<Record<Key, number>> = {};
  for (const key of keys) {
    const text = (fields[nameOf(key)] ?? "").trim();
    if (text === "") continue;
    const parsed = parseLength(text, unit);
    if (!parsed.ok) errors[nameOf(key)] = parsed.problem.message;
    else if (!(parsed.value > 0 && parsed.value <= LONGEST_MM))
      errors[nameOf(key)] = `Expected a length above 0 and up to 3 m, but got “${text}”.`;
    else read[key] = parsed.value;
  }
  return read;
}
