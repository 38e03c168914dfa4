import { fail, ok } from "../../../core/result.ts";
import type { FormSchema } from "../schema.ts";

const ID = /^[1-9]\d{0,14}$/;
const VERSION = /^\d{1,9}$/;

/** A record picked by its id. `what` completes "Expected …". */
export const reference = (what: string): FormSchema<number> => ({
  type: "integer",
  title: what,
  reads: (text) =>
    ID.test(text) ? ok(Number(text)) : fail("no-id", `Expected ${what}, but got “${text.slice(0, 20)}”.`),
});

/** The version of the record an edit started from. */
export const version = (): FormSchema<number> => ({
  type: "integer",
  title: "the version of the record",
  reads: (text) =>
    VERSION.test(text)
      ? ok(Number(text))
      : fail("no-version", `Expected the version of the record, but got “${text.slice(0, 20)}”.`),
});
