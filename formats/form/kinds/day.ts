import { parseDay } from "../../../core/units/index.ts";
import type { FormSchema } from "../schema.ts";

/** A day up to today, ISO. `title` completes "Expected …". */
export const day = (title: string): FormSchema<string> => ({
  type: "string",
  title,
  reads: (text, { today }) => parseDay(text, today),
});
