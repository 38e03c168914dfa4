/** What a number field expects. */
export interface NumberWanted {
  /** Completes "Expected …". */
  readonly what: string;
  readonly least: number;
  readonly most: number;
  readonly whole?: boolean;
}

/** A number as read, or the message for its field. */
export type ReadNumber = { readonly value: number } | { readonly error: string };

/** Reads a number typed with a point or a comma; a true minus sign is taken like the hyphen. */
export function readNumberField(
  text: string | undefined,
  { what, least, most, whole = false }: NumberWanted,
): ReadNumber {
  const typed = (text ?? "").trim();
  const expected = `Expected ${what}, ${least} to ${most}`;
  if (typed === "") return { error: `${expected}, but the field is empty.` };
  const value = /^[-−+]?\d*([.,]\d*)?$/.test(typed) ? Number(typed.replace("−", "-").replace(",", ".")) : Number.NaN;
  if (!(value >= least && value <= most) || (whole && !Number.isInteger(value)))
    return { error: `${expected}${whole ? ", whole" : ""}, but got “${typed.slice(0, 30)}”.` };
  return { value };
}

/** Writes a ratio in per cent for a field; nothing where there is none. */
export const percentText = (ratio: number | null): string => (ratio === null ? "" : numberText(ratio * 100));

/** Writes a number for a field: no more digits than it has. */
export const numberText = (value: number): string => String(Number(value.toFixed(6)));
