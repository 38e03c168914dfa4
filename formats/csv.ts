import Papa from "papaparse";
import { fail, ok, type Result } from "../core/result.ts";

/** A cell that a table program takes for an order, or one that was guarded against it. */
const ORDER = /^'*[=+\-@\t\r]/;

/** A number as Stenz writes it: a minus in front of it orders nothing. */
const NUMBER = /^-?\d+(?:\.\d+)?$/;

/**
 * Writes rows as CSV. A text that a table program would take for a formula gets a quote before it, as those programs
 * themselves write it; {@link plainCell} takes it off again.
 */
export const writeCsv = (
  rows: readonly (readonly (string | number)[])[],
  options: { readonly delimiter?: string; readonly newline: string },
): string =>
  `${Papa.unparse(
    rows.map((row) => row.map((cell) => (typeof cell === "string" ? guarded(cell) : cell))),
    { ...options },
  )}${options.newline}`;

const guarded = (cell: string): string => (ORDER.test(cell) && !NUMBER.test(cell) ? `'${cell}` : cell);

/** What is read of a file: its rows, and what the reader stumbled over, by line. */
export interface CsvRows {
  readonly rows: readonly (readonly string[])[];
  readonly odd: readonly { readonly line: number; readonly what: string }[];
}

/** Most cells of a row. */
const WIDEST = 2000;

/**
 * Reads the rows of a CSV file of at most so many lines, empty ones left out; no more of a longer one is read than tells that it is.
 * @returns them; `csv-too-long`, `csv-too-wide`.
 */
export function readCsvRows(text: string, mostLines: number): Result<CsvRows> {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ""), { preview: mostLines + 1 });
  if (data.length > mostLines)
    return fail("csv-too-long", `Expected a table of up to ${mostLines} lines, but this has more.`);
  const widest = data.reduce((most, row) => Math.max(most, row.length), 0);
  if (widest > WIDEST)
    return fail("csv-too-wide", `Expected a table of up to ${WIDEST} columns, but this has ${widest}.`);
  return ok({
    rows: data.filter((row) => row.some((cell) => cell.trim() !== "")).map((row) => row.map(plainCell)),
    odd: errors
      .filter(({ code }) => code !== "UndetectableDelimiter")
      .map(({ row = 0, message }) => ({ line: row + 1, what: `${message}.` })),
  });
}

/** A cell as it was before it was guarded. */
export const plainCell = (cell: string): string =>
  cell.startsWith("'") && ORDER.test(cell.slice(1)) ? cell.slice(1) : cell;
