import { fail, ok, type Result } from "../core/result.ts";

/** Deepest nesting that is read: our own files have a dozen levels; thousands would end the reader, not the file. */
const DEEPEST = 64;

/** Most values of a file, where its kind says nothing else: a job of forty prototypes has some fifty thousand. */
export const MOST_VALUES = 200_000;

/**
 * Reads text as JSON: with or without a byte-order mark, never deeper than {@link DEEPEST} levels, and of no more values than it may
 * have. Both are counted before anything is made of it: a value takes many times the memory of its text.
 *
 * @returns the value, or `json-unreadable` (the message does not repeat the text), `json-too-deep`, `json-too-many`.
 */
export function readJson(text: string, mostValues: number = MOST_VALUES): Result<unknown> {
  const plain = text.startsWith("\uFEFF") ? text.slice(1) : text;
  const { depth, values } = sizeOf(plain);
  if (depth > DEEPEST) {
    return fail("json-too-deep", `Expected JSON nested up to ${DEEPEST} levels deep, but this goes deeper.`);
  }
  if (values > mostValues)
    return fail("json-too-many", `Expected JSON of up to ${mostValues} values, but this has ${values}.`);
  try {
    return ok(JSON.parse(plain));
  } catch (cause) {
    const at = /position (\d+)/.exec((cause as Error).message)?.[1];
    return fail(
      "json-unreadable",
      `Expected JSON, but it cannot be read${at ? ` from sign ${Number(at) + 1} on` : ""}.`,
    );
  }
}

/** How deep brackets are nested at most, and how many values there are: those beside a comma, and the first in each bracket. */
function sizeOf(text: string): { readonly depth: number; readonly values: number } {
  let [depth, deepest, values] = [0, 0, 1];
  const marks = /["[\]{},]/g;
  for (let found = marks.exec(text); found; found = marks.exec(text)) {
    const [mark] = found;
    if (mark === '"') marks.lastIndex = endOfText(text, found.index + 1);
    else if (mark === ",") values += 1;
    else if (mark === "{" || mark === "[") {
      values += 1;
      depth += 1;
      deepest = Math.max(deepest, depth);
    } else depth -= 1;
  }
  return { depth: deepest, values };
}

/** Where a text in quotes that begins at a place ends; the end of all where it does not. */
function endOfText(text: string, from: number): number {
  const ends = /["\\]/g;
  ends.lastIndex = from;
  for (let found = ends.exec(text); found; found = ends.exec(text)) {
    if (found[0] === '"') return found.index + 1;
    ends.lastIndex = found.index + 2;
  }
  return text.length;
}
