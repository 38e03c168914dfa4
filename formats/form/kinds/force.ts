import { fail, ok, type Result } from "../../../core/result.ts";
import { parseForce } from "../../../core/units/index.ts";
import type { FormSchema } from "../schema.ts";

/** A force that was typed, N, with the text it was typed as. */
export interface TypedForce {
  readonly text: string;
  readonly newtons: number;
}

const TITLE = "a force such as 4.2 N or 430 g";

function parseUpTo(text: string, mostN: number): Result<TypedForce> {
  const force = parseForce(text);
  if (!force.ok) return force;
  if (force.value > 0 && force.value <= mostN) return ok({ text, newtons: force.value });
  return fail("force-out-of-range", `Expected a force above 0 and up to ${mostN} N, but got “${text}”.`);
}

/** A force read from a gauge, above 0. */
export const typedForce = (mostN: number): FormSchema<TypedForce> => ({
  type: "object",
  title: TITLE,
  reads: (text) => parseUpTo(text, mostN),
});

/** A load hung or pulled: `4.2 N`, `430 g`. How much it may be is for its test to say. */
export const typedLoad = (): FormSchema<TypedForce> => ({
  type: "object",
  title: TITLE,
  reads: (text) => {
    const load = parseForce(text);
    return load.ok ? ok({ text, newtons: load.value }) : load;
  },
});
