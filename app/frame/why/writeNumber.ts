import type { NumberUnit } from "../../../core/explain/index.ts";
import { percent } from "../units/percent.ts";
import type { LengthWriter } from "../units/UnitContext.tsx";

/** Writes a number of an explanation in the unit shown; ratios with up to four decimals, so that it can be redone. */
export function writeNumber(value: number, unit: NumberUnit, lengths: LengthWriter): string {
  switch (unit) {
    case "length":
      return lengths.length(value);
    case "difference":
      return lengths.difference(value);
    case "amount":
      return lengths.amount(value);
    case "percent":
      return percent(value);
    case "force":
      return `${plain(value, 2)} N`;
    case "tension":
      return `${plain(value, 1)} N/m`;
    case "pressure":
      return `${plain(value, 3)} kPa`;
    case "ratio":
      return plain(value, 4);
    case "volume":
      return `${plain(value, 0)} cm³`;
    case "degrees":
      return `${plain(value, 1)}°`;
    case "linePressure":
      return `${plain(value, 2)} N/cm`;
    case "count":
      return plain(value, 0);
  }
}

const plain = (value: number, decimals: number): string => String(Number(value.toFixed(decimals))).replace("-", "−");
