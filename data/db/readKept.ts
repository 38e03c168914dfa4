import type { Result } from "../../core/result.ts";
import type { KeptType } from "../../formats/kept/keptType.ts";
import { DamagedDataFileError } from "./dataFileErrors.ts";

/**
 * Reads what a row keeps as JSON, in the format that stands beside it.
 * @throws DamagedDataFileError where it does not agree with its schema: nothing is computed from a guess.
 */
export const readKept = <T>(type: KeptType<T>, row: { readonly content: string; readonly format: number }): T =>
  wholeOf(type.read(parse(row.content), row.format));

/** A kept value that was read. @throws DamagedDataFileError where it could not be. */
export function wholeOf<T>(read: Result<T>): T {
  if (!read.ok) throw new DamagedDataFileError({ cause: new Error(read.problem.message) });
  return read.value;
}

/** Reads a JSON column. @throws DamagedDataFileError where it does not agree with its schema. */
export const readColumn = <T>(read: (content: unknown) => Result<T>, text: string): T => wholeOf(read(parse(text)));

/** What stands in a JSON column, unread. @throws DamagedDataFileError where it is no JSON. */
export function parse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch (cause) {
    throw new DamagedDataFileError({ cause });
  }
}
