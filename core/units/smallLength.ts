import { fail, ok, type Result } from "../result.ts";
import type { LengthUnit } from "./length.ts";
import { parseLength } from "./parseLength.ts";

/** Unit in which small amounts (a pinch, a swatch) are written without a unit: millimetres beside centimetres. */
export const smallUnit = (unit: LengthUnit): "mm" | "in" => (unit === "cm" ? "mm" : "in");

/** A bare number in the small unit for the unit shown; anything with its own unit as it says. */
const BARE = /^[\d.,\s/½¼¾⅛⅜⅝⅞⅓⅔⁄-]+$/;

/**
 * Reads a small amount: `24` is 24 mm beside centimetres and 24 in beside inches; `2.4 cm`, `15/16 in` as they say.
 * @returns millimetres above 0 and up to the given most, or `amount-unreadable` / `amount-out-of-range`.
 */
export function parseSmallLength(text: string, unit: LengthUnit, mostMm: number): Result<number> {
  const example = unit === "cm" ? "24 or 15/16 in" : "15/16 or 24 mm";
  const parsed = parseLength(BARE.test(text.trim()) ? `${text.trim()} ${smallUnit(unit)}` : text, unit);
  if (!parsed.ok) {
    const came = text.trim() === "" ? "the field is empty" : `“${text.trim().slice(0, 40)}” cannot be read as one`;
    return fail("amount-unreadable", `Expected an amount such as ${example}, but ${came}.`);
  }
  if (!(parsed.value > 0 && parsed.value <= mostMm)) {
    return fail("amount-out-of-range", `Expected an amount above 0 and up to ${mostMm} mm, but got “${text.trim()}”.`);
  }
  return ok(parsed.value);
}

/**
 * Puts the unit behind a length that was typed without one, so that it reads the same whatever unit is shown later.
 * @param text a text that {@link parseLength} reads.
 */
export function withItsUnit(text: string, unit: LengthUnit | "mm"): string {
  return BARE.test(text.trim()) ? `${text.trim()} ${unit}` : text.trim();
}

/** Takes the unit off again where the field already says it. */
export const withoutUnit = (text: string, unit: LengthUnit | "mm"): string =>
  text.endsWith(` ${unit}`) ? text.slice(0, -unit.length - 1) : text;
