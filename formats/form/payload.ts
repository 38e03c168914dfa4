import { parse } from "@conform-to/dom";
import { fail, ok, type Result } from "../../core/result.ts";

/** Fields of a form as typed, by their names: `sizes[2].body.waist`. */
export type FlatFields = Readonly<Record<string, string>>;

/** Longest list a form can send: beyond it a name was made up. */
const LONGEST_LIST = 200;

const INDEX = /\[(\d*)\]/g;

/** What stands in a form as a tree, by the names of its fields; `form-unreadable` for names no page of ours writes. */
export function payloadOf(fields: FlatFields): Result<Readonly<Record<string, unknown>>> {
  for (const name of Object.keys(fields)) {
    for (const [, index] of name.matchAll(INDEX)) {
      if (index === "" || Number(index) >= LONGEST_LIST) return unreadable(name);
    }
  }
  try {
    const { payload } = parse(new URLSearchParams({ ...fields }), { resolve: () => ({ value: null }) });
    return ok(payload);
  } catch {
    return fail("form-unreadable", "Expected a form of this page, but a field of it has no name that can be read.");
  }
}

const unreadable = (name: string) =>
  fail("form-unreadable", `Expected a list of at most ${LONGEST_LIST} rows, but got “${name.slice(0, 40)}”.`);
