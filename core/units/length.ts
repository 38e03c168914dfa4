/** Millimetres in one inch, exact by definition (international yard and pound agreement, 1959). */
export const MM_PER_INCH = 25.4;

/** The two units a sheet may be written in; lengths are kept in millimetres whatever was typed. */
export type LengthUnit = "cm" | "in";

/** The unit beside the one shown. */
export const otherUnit = (unit: LengthUnit): LengthUnit => (unit === "cm" ? "in" : "cm");

/** Every unit a typed length may carry, with the millimetres in one of it. */
export const MM_PER_UNIT: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
};
