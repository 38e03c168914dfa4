import { ok } from "../../../core/result.ts";
import type { FormSchema } from "../schema.ts";

/** What a ticked box sends. */
const TICKED = "yes";

/** A box that is ticked or not. */
export const tick = (): FormSchema<boolean> => ({
  type: "boolean",
  default: false,
  reads: (text) => ok(text === TICKED),
});
