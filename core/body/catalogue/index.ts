import type { Measure, MeasureCode, MeasureGroup, Side } from "../measure.ts";
import { LONG_CODES } from "./codes.ts";
import { GIRTHS } from "./girths.ts";
import { HEIGHTS } from "./heights.ts";
import { LENGTHS } from "./lengths.ts";
import { ARCS, BREAST, WIDTHS } from "./widthsAndBreast.ts";

const BY_CODE = new Map<string, Measure>(
  [...GIRTHS, ...ARCS, ...LENGTHS, ...WIDTHS, ...BREAST, ...HEIGHTS].map((measure) => [measure.code, measure]),
);

/**
 * The measures Stenz takes, in the order in which a person is measured. Names follow ISO 8559-1 where they agree with
 * ours.
 */
export const CATALOGUE: readonly Measure[] = LONG_CODES.map((code) => measureOf(code));

/** Groups in the order they are taken, with the words over each. */
export const GROUP_NAMES: Readonly<Record<MeasureGroup, string>> = {
  girths: "Girths, from the neck down",
  arcs: "Front arcs",
  lengths: "Lengths",
  widths: "Widths",
  breast: "Breast",
  heights: "Heights for corsets",
  seated: "Seated",
};

/** True for a text that names a measure of the catalogue. */
export const isMeasureCode = (text: string): text is MeasureCode => BY_CODE.has(text);

/**
 * Looks a measure up by its code.
 * @throws RangeError for a code outside the catalogue, which only a programming error can produce.
 */
export function measureOf(code: MeasureCode): Measure {
  const measure = BY_CODE.get(code);
  if (!measure) throw new RangeError(`No measure has the code ${code}.`);
  return measure;
}

/** The sides a measure is entered for: one, or left and right. */
export const sidesOf = (measure: Measure): readonly Side[] => (measure.sided ? ["left", "right"] : ["single"]);

/** Name with its side, as written in lists: `Leg edge, left`. */
export function nameOf(code: MeasureCode, side: Side): string {
  const { name } = measureOf(code);
  return side === "single" ? name : `${name}, ${side}`;
}

/** A measure in one side: one field of a sheet. */
export interface SheetPlace {
  readonly code: MeasureCode;
  readonly side: Side;
}

/** Every place of the given measures, in measuring order. */
export const placesOf = (codes: readonly MeasureCode[]): SheetPlace[] =>
  CATALOGUE.filter(({ code }) => codes.includes(code)).flatMap((measure) =>
    sidesOf(measure).map((side) => ({ code: measure.code, side })),
  );
