import { parseDay } from "../../../core/units/index.ts";
import type { FormSchema } from "../schema.ts";

/** The last day that anything is planned for. */
const LAST_DAY = "2099-12-31";

/** Any day, those to come too. `title` completes "Expected …". */
export const anyDay = (title: string): FormSchema<string> => ({
  type: "string",
  title,
  reads: (text) => parseDay(text, LAST_DAY),
});

/** A day up to today, ISO. `title` completes "Expected …". */
export const day = (title: string): FormSchema<string> => ({
  type: "string",
  title,
  reads: (text, { today }) => parseDay(text, today),
});
