import { fail, ok, type Result } from "../../../core/result.ts";
import { parseLength, parseSmallLength, parseSwatchLength, smallUnit, withItsUnit } from "../../../core/units/index.ts";
import type { FormFacts, FormSchema } from "../schema.ts";

/** What a length field expects: above 0 and up to so much. */
export interface LengthWanted {
  readonly mostMm: number;
  /** What it is called in its messages. */
  readonly what?: string;
  /** 0 is a length too. */
  readonly zero?: boolean;
}

/** A length that was typed, mm, with the text it was typed as. */
export interface TypedLength {
  readonly text: string;
  readonly mm: number;
}

const SMALL = "an amount such as 24 or 15/16 in";

/** Writes a limit: whole metres as such. */
const limit = (mm: number): string => (mm % 1000 === 0 ? `${mm / 1000} m` : `${mm / 10} cm`);

function within(read: Result<number>, text: string, { mostMm, what = "a length", zero = false }: LengthWanted) {
  if (!read.ok || (read.value <= mostMm && (zero || read.value > 0))) return read;
  return fail(
    "length-out-of-range",
    `Expected ${what} ${zero ? "of 0" : "above 0"} and up to ${limit(mostMm)}, but got “${text.slice(0, 40)}”.`,
  );
}

/** A unit in which bare numbers are read; a form in millimetres has small numbers only. */
const parse = (text: string, { unit }: FormFacts): Result<number> =>
  unit === "mm" ? parseSwatchLength(text) : parseLength(text, unit);

/** A length of a body or a garment, bare numbers in the unit of the form; read as mm. */
export const length = (wanted: LengthWanted): FormSchema<number> => ({
  type: "number",
  title: wanted.what ?? "a length",
  reads: (text, facts) => within(parse(text, facts), text, wanted),
});

/** The same, with what was typed kept beside the mm. */
export const typedLength = (wanted: LengthWanted): FormSchema<TypedLength> => ({
  type: "object",
  title: wanted.what ?? "a length",
  reads: (text, facts) => {
    const read = within(parse(text, facts), text, wanted);
    return read.ok ? ok({ text, mm: read.value }) : read;
  },
});

/** A small amount (a pinch, a fold): bare numbers in millimetres beside centimetres; read as mm above 0. */
export const smallLength = (mostMm: number): FormSchema<number> => ({
  type: "number",
  title: SMALL,
  reads: (text, { unit }) => parseSmallLength(text, unit === "in" ? "in" : "cm", mostMm),
});

/** A small amount that may be nothing. */
export const smallOrNone = (mostMm: number): FormSchema<number> => ({
  type: "number",
  title: SMALL,
  reads: (text, { unit }) =>
    within(parseLength(withItsUnit(text, smallUnit(unit === "in" ? "in" : "cm")), "cm"), text, { mostMm, zero: true }),
});

/** A small amount from so much to so much, both included. */
export const smallBetween = (leastMm: number, mostMm: number): FormSchema<number> => ({
  type: "number",
  title: `${leastMm} to ${mostMm} mm`,
  reads: (text, { unit }) => {
    const read = parseLength(withItsUnit(text, smallUnit(unit === "in" ? "in" : "cm")), "cm");
    if (!read.ok || (read.value >= leastMm && read.value <= mostMm)) return read;
    return fail("length-out-of-range", `Expected ${leastMm} to ${mostMm} mm, but got “${text.slice(0, 40)}”.`);
  },
});

/** A small amount that may go back: below 0 with a sign before it. */
export const signedLength = (mostMm: number): FormSchema<number> => ({
  ...smallOrNone(mostMm),
  reads: (text, facts) => {
    const back = /^[-−]/.test(text);
    const read = smallOrNone(mostMm).reads?.(back ? text.slice(1) : text, facts) as Result<number>;
    return read.ok && back ? ok(-read.value) : read;
  },
});

/** The same, with what was typed kept beside the mm. */
export const typedSmallLength = (mostMm: number): FormSchema<TypedLength> => ({
  type: "object",
  title: SMALL,
  reads: (text, { unit }) => {
    const read = parseSmallLength(text, unit === "in" ? "in" : "cm", mostMm);
    return read.ok ? ok({ text, mm: read.value }) : read;
  },
});

/** A length of a swatch or a cloth: bare numbers in millimetres whatever the form's unit. */
export const swatchLength = (wanted: LengthWanted): FormSchema<number> => ({
  type: "number",
  title: "a length such as 162 mm or 6 3/8 in",
  reads: (text) => within(parseSwatchLength(text), text, wanted),
});
