import type { Fields } from "../unsaved.ts";

/** Name of a field in a row of a list: `sizes[2].name`. */
export const inRow = (list: string, row: number, field: string): string => `${list}[${row}].${field}`;

/** What a form starts from with at least so many rows in a list: the further ones stand ready to be filled in. */
export function withRows(fields: Fields, list: string, field: string, least: number): Fields {
  const ready: Record<string, string> = {};
  for (let row = 0; row < least; row += 1) ready[inRow(list, row, field)] = "";
  return { ...ready, ...fields };
}
