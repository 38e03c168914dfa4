import { fail, ok } from "../../../core/result.ts";
import type { FormSchema } from "../schema.ts";

/** One of a few words. `title` completes "Expected …"; the words follow it. */
export function choice<const Words extends readonly string[]>(title: string, words: Words): FormSchema<Words[number]> {
  const named = `${title} (${words.filter((word) => word !== "").join(", ")})`;
  return {
    type: "string",
    title: named,
    enum: [...words],
    reads: (text) =>
      words.includes(text) ? ok(text) : fail("no-such-word", `Expected ${named}, but got “${text.slice(0, 60)}”.`),
  };
}
