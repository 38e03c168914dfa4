import { type LengthUnit, MM_PER_INCH } from "./length.ts";

/** How finely inches are written: eighths, or sixteenths for small pieces. */
export type InchStep = 8 | 16;

/**
 * Writes a length for reading: centimetres with one decimal, or inches to the nearest eighth (or sixteenth).
 *
 * @param mm any finite number; negative lengths carry a true minus sign.
 * @returns the number without its unit, for example `71.8` or `28 1/4`.
 * @throws RangeError when mm is not finite: a figure nobody can trace is a programming error.
 */
export function formatLength(mm: number, unit: LengthUnit, inchStep: InchStep = 8): string {
  if (!Number.isFinite(mm)) throw new RangeError("formatLength expects a finite number of millimetres.");
  return unit === "cm" ? withMinus(roundTo(mm / 10, 10).toFixed(1)) : inches(mm, inchStep);
}

/** As {@link formatLength}, with the unit behind it: `71.8 cm`, `28 1/4 in`. */
export function formatLengthWithUnit(mm: number, unit: LengthUnit, inchStep: InchStep = 8): string {
  return `${formatLength(mm, unit, inchStep)} ${unit}`;
}

/**
 * Writes a small difference with its sign: whole millimetres beside centimetres (`−6 mm`), sixteenths beside inches.
 * Differences at the bench are talked about in millimetres even where girths are in centimetres.
 */
export function formatDifference(mm: number, unit: LengthUnit): string {
  const text = unit === "cm" ? withMinus(trimZero(roundTo(mm, 10).toFixed(1))) : inches(mm, 16);
  const plus = mm > 0 && !/^0$/.test(text) ? "+" : "";
  return `${plus}${text} ${unit === "cm" ? "mm" : "in"}`;
}

/** As {@link formatDifference} without a plus sign, for amounts such as a pinch: `18 mm`. */
export function formatAmount(mm: number, unit: LengthUnit): string {
  return formatDifference(mm, unit).replace(/^\+/, "");
}

function inches(mm: number, step: InchStep): string {
  const parts = Math.round((Math.abs(mm) / MM_PER_INCH) * step);
  const whole = Math.floor(parts / step);
  const rest = parts - whole * step;
  const sign = mm < 0 && parts > 0 ? "−" : "";
  if (rest === 0) return `${sign}${whole}`;
  const shared = greatestCommonDivisor(rest, step);
  const fraction = `${rest / shared}/${step / shared}`;
  return `${sign}${whole === 0 ? "" : `${whole} `}${fraction}`;
}

function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestCommonDivisor(b, a % b);
}

/** Rounds halves away from zero, so that 2.25 and −2.25 read alike. */
function roundTo(value: number, perUnit: number): number {
  const rounded = Math.round(Math.abs(value) * perUnit + 1e-9) / perUnit;
  return value < 0 ? -rounded : rounded;
}

function withMinus(text: string): string {
  return /^-0(\.0+)?$/.test(text) ? text.slice(1) : text.replace("-", "−");
}

function trimZero(text: string): string {
  return text.replace(/\.0$/, "");
}
