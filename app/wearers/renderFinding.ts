import type { CheckFinding } from "../../core/body/checks/check.ts";
import { formatLengthWithUnit } from "../../core/units/formatLength.ts";
import type { LengthUnit } from "../../core/units/length.ts";

/** Writes a check's sentence with its lengths in a unit. */
export function renderFinding({ template, lengths }: CheckFinding, unit: LengthUnit): string {
  return template.replace(/\{(\w+)\}/g, (place, name: string) => {
    const mm = lengths[name];
    return mm === undefined ? place : formatLengthWithUnit(mm, unit);
  });
}
