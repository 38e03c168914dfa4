import { fail, ok, type Result } from "../core/result.ts";

/** Deepest nesting that is read: our own files have a dozen levels; thousands would end the reader, not the file. */
const DEEPEST = 64;

/**
 * Reads text as JSON: with or without a byte-order mark, and never deeper than {@link DEEPEST} levels.
 *
 * @returns the value, or `json-unreadable` (the message does not repeat the text), `json-too-deep`.
 */
export function readJson(text: string): Result<unknown> {
  const plain = text.startsWith("\uFEFF") ? text.slice(1) : text;
  if (depthOf(plain) > DEEPEST) {
    return fail("json-too-deep", `Expected JSON nested up to ${DEEPEST} levels deep, but this goes deeper.`);
  }
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

/** How deep brackets are nested at most, those inside of texts not counted. */
function depthOf(text: string): number {
  let [depth, deepest, quoted] = [0, 0, false];
  for (let at = 0; at < text.length; at += 1) {
    const sign = text[at];
    if (quoted) {
      if (sign === "\\") at += 1;
      else if (sign === '"') quoted = false;
    } else if (sign === '"') quoted = true;
    else if (sign === "{" || sign === "[") {
      depth += 1;
      deepest = Math.max(deepest, depth);
    } else if (sign === "}" || sign === "]") depth -= 1;
  }
  return deepest;
}
