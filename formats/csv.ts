import Papa from "papaparse";

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

/** A cell as it was before it was guarded. */
export const plainCell = (cell: string): string =>
  cell.startsWith("'") && ORDER.test(cell.slice(1)) ? cell.slice(1) : cell;
