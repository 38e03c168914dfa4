import { STABLE_BELOW } from "../../cloth/index.ts";
import { fixedSchool } from "./fixed.ts";
import type { SchoolInput } from "./school.ts";

/**
 * Stable cloth is not worn smaller than the body: below 15 % usable stretch the other schools give at least what the
 * fixed cut gives. The fixed cut is the shipped or set one, never the maker's own for this zone.
 *
 * @returns the least girth in mm, or minus infinity for cloth that stretches (no floor).
 */
export function stableFloorMm(input: SchoolInput): number {
  if (input.usable >= STABLE_BELOW) return Number.NEGATIVE_INFINITY;
  const { cutMm: _own, ...withoutOwnCut } = input;
  const fixed = fixedSchool.girth(withoutOwnCut);
  return fixed.ok ? fixed.value.exactMm : Number.NEGATIVE_INFINITY;
}
