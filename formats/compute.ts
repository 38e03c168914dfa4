import { COMPUTE_KINDS } from "../core/compute/index.ts";
import type { Problem, Result } from "../core/result.ts";
import { fail } from "../core/result.ts";
import { validator } from "./validation.ts";

/** One answer of the scripting interface. */
export type ComputeAnswer =
  | { readonly kind: string | null; readonly output: Record<string, unknown> }
  | { readonly kind: string | null; readonly error: Problem };

const KINDS = new Map(COMPUTE_KINDS.map((kind) => [kind.kind, { kind, validate: validator(kind.input) }]));

/**
 * Answers one case `{kind, input}` or an array of them, in order. Other keys of a case are not looked at.
 *
 * Anything that is no case, names no known kind (`unsupported`) or does not validate is answered by an error in its
 * place; the other cases are computed all the same.
 */
export function computeAll(document: unknown): ComputeAnswer[] {
  return (Array.isArray(document) ? document : [document]).map(computeOne);
}

function computeOne(entry: unknown): ComputeAnswer {
  const kind = isRecord(entry) && typeof entry.kind === "string" ? entry.kind : null;
  const result = isRecord(entry) && kind !== null ? computeKnown(kind, entry.input) : noCase();
  return result.ok ? { kind, output: result.value } : { kind, error: result.problem };
}

function computeKnown(name: string, input: unknown): Result<Record<string, unknown>> {
  const known = KINDS.get(name);
  if (!known) {
    return fail("unsupported", `Expected a kind of ${[...KINDS.keys()].join(", ")}, but got “${name.slice(0, 40)}”.`);
  }
  const valid = known.validate(input);
  return valid.ok ? known.kind.compute(valid.value) : valid;
}

const noCase = () => fail("not-a-case", "Expected an object with “kind” (a text) and “input”.");

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);
