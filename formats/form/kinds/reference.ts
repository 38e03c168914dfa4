import { fail, ok, type Result } from "../../../core/result.ts";
import type { FormSchema } from "../schema.ts";

const ID = /^[1-9]\d{0,14}$/;
const VERSION = /^\d{1,9}$/;

/** Reads the id of a record. `what` completes "Expected …". @returns `no-id` where it is none. */
export const parseId = (text: string, what: string): Result<number> =>
  ID.test(text) ? ok(Number(text)) : fail("no-id", `Expected ${what}, but got “${text.slice(0, 20)}”.`);

/** Reads the version an edit started from. @returns `no-version` where it is none. */
export const parseVersion = (text: string): Result<number> =>
  VERSION.test(text)
    ? ok(Number(text))
    : fail("no-version", `Expected the version of the record, but got “${text.slice(0, 20)}”.`);

/** A record picked by its id. `what` completes "Expected …". */
export const reference = (what: string): FormSchema<number> => ({
  type: "integer",
  title: what,
  reads: (text) => parseId(text, what),
});

/** The version of the record an edit started from. */
export const version = (): FormSchema<number> => ({
  type: "integer",
  title: "the version of the record",
  reads: parseVersion,
});
