import { fail, ok, type Result } from "../core/result.ts";

/** A text that is no longer than it may be, in signs. @returns it, or `file-too-large`. */
export const withinLimit = (text: string, most: number): Result<string> =>
  text.length <= most
    ? ok(text)
    : fail("file-too-large", `Expected a file of up to ${most / 1_000_000} million signs, but it has ${text.length}.`);
