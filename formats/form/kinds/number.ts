import { fail, ok, type Result } from "../../../core/result.ts";
import { parseQuantity } from "../../../core/units/index.ts";
import type { FormSchema } from "../schema.ts";

/** What a number field expects. */
export interface NumberWanted {
  /** Completes "Expected …". */
  readonly what: string;
  readonly least: number;
  readonly most: number;
  readonly whole?: boolean;
}

/** A true minus sign is taken like the hyphen. */
const NUMBER = /^[-−+]?\d*([.,]\d*)?$/;

/** Reads a number typed with a point or a comma. @returns `number-out-of-range` where it is none of those wanted. */
export function parseNumber(text: string, { what, least, most, whole = false }: NumberWanted): Result<number> {
  const typed = text.trim();
  const expected = `Expected ${what}, ${least} to ${most}${whole ? ", whole" : ""}`;
  const value = NUMBER.test(typed) && /\d/.test(typed) ? Number(typed.replace("−", "-").replace(",", ".")) : Number.NaN;
  if (value >= least && value <= most && (!whole || Number.isInteger(value))) return ok(value);
  return fail("number-out-of-range", `${expected}, but got “${typed.slice(0, 30)}”.`);
}

/** A number within its limits; what a field says behind it (`suffix`) may be typed too. */
export const number = (wanted: NumberWanted, suffix?: RegExp): FormSchema<number> => ({
  type: "number",
  title: `${wanted.what}, ${wanted.least} to ${wanted.most}`,
  reads: (text) => parseNumber(suffix ? text.replace(suffix, "") : text, wanted),
});

/** A whole number within its limits. */
export const whole = (wanted: NumberWanted): FormSchema<number> => number({ ...wanted, whole: true });

/** A ratio typed in per cent: limits in per cent, read as a part of one. */
export const percent = (wanted: NumberWanted): FormSchema<number> => ({
  ...number(wanted),
  reads: (text) => {
    const read = parseNumber(text.replace(/\s*%$/, ""), wanted);
    return read.ok ? ok(read.value / 100) : read;
  },
});

/** A ratio or a share as makers write one: `0.8`, `3/4`. What it may be is for the calculation to say. */
export const ratio = (title: string): FormSchema<number> => ({
  type: "number",
  title,
  reads: (text) => {
    const value = parseQuantity(text);
    return value === null ? fail("ratio-unreadable", `Expected ${title}, but got “${text.slice(0, 30)}”.`) : ok(value);
  },
});
