import {
  formatAmount,
  formatDifference,
  formatLengthWithUnit,
  type LengthUnit,
  lengthsInText,
} from "../../units/index.ts";
import type { CuttingLine } from "./cuttingTable.ts";

/** How lengths are written where a cutting line is told. */
export interface CuttingUnits {
  readonly unit: LengthUnit;
  /** Inches are shown in steps of 1/8 or 1/16. */
  readonly inchStep?: 8 | 16;
}

/** What stands behind the order of a line: where the blend runs, from what to what it takes the garment, and why. */
export function asideWords({ blend, courses, reading, why, instead }: CuttingLine, { unit }: CuttingUnits): string {
  const length = (mm: number) => formatLengthWithUnit(mm, unit);
  return [
    instead ? lengthsInText(instead, unit) : "",
    blend ? `Blend ${lengthsInText(blend, unit)}.` : "",
    ...courses.map(
      ({ name, fromMm, toMm }) =>
        `${name}: from ${length(fromMm)} to ${length(toMm)} (${formatDifference(toMm - fromMm, unit)}).`,
    ),
    reading ? readingWords(reading, unit) : "",
    `For: ${why}.`,
  ]
    .filter((words) => words !== "")
    .join(" ");
}

function readingWords({ readMm, share, strain }: NonNullable<CuttingLine["reading"]>, unit: LengthUnit): string {
  const of = share === 1 ? "all" : String(Number(share.toFixed(2)));
  const read = `Read ${formatAmount(readMm, unit)}, ${of} of it`;
  return strain > 0
    ? `${read}, on cloth stretched ${Number((strain * 100).toFixed(1))} %: divided by ${(1 + strain).toFixed(3)}.`
    : `${read}; the cloth is not stretched there, so it is not divided.`;
}
