import { fail, ok } from "../../../core/result.ts";
import type { FormSchema } from "../schema.ts";

/** Longest line and longest notes, characters. */
const LINE = 120;
const NOTES = 4000;

/** A text that must be given. `title` completes "Expected …". */
export const line = (title: string, maxLength = LINE): FormSchema<string> => ({
  type: "string",
  title,
  maxLength,
  reads: (text) =>
    text.length <= maxLength
      ? ok(text)
      : fail("text-too-long", `Expected at most ${maxLength} characters, but there are ${text.length}.`),
});

/** A text that may stay empty. */
export const optionalLine = (title: string, maxLength = LINE): FormSchema<string> => ({
  ...line(title, maxLength),
  default: "",
});

/** Notes of any length a person would write. */
export const notes = (): FormSchema<string> => optionalLine("notes", NOTES);
