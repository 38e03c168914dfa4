import type { CheckFinding } from "../../core/body/index.ts";
import { formatLengthWithUnit, type LengthUnit } from "../../core/units/index.ts";

/** Writes a check's sentence with its lengths in a unit. */
export function renderFinding({ template, lengths }: CheckFinding, unit: LengthUnit): string {
  return template.replace(/\{(\w+)\}/g, (place, name: string) => {
    const mm = lengths[name];
    return mm === undefined ? place : formatLengthWithUnit(mm, unit);
  });
}
