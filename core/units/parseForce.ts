import { fail, ok, type Result } from "../result.ts";
import { shorten } from "./parseLength.ts";
import { parseQuantity } from "./parseQuantity.ts";

/** Newtons in one of each unit a reading may carry; g, kg, oz and lb mean gram-force and so on. */
export const NEWTON_PER_UNIT: Readonly<Record<string, number>> = {
  n: 1,
  g: 0.00980665,
  kg: 9.80665,
  oz: 0.2780139,
  lb: 4.4482216,
};

const FORCE = /^(.*?)\s*(n|kg|g|oz|lb)?$/;

/**
 * Reads a force such as `4.2`, `4,2 N`, `430 g`, `1 1/2 lb`. A bare number is in newtons.
 *
 * @returns newtons (0 or more, finite), or the problem `force-missing` / `force-unreadable`.
 */
export function parseForce(text: string): Result<number> {
  const plain = text.trim().toLowerCase();
  if (plain === "") return fail("force-missing", "Expected a force such as 4.2 N or 430 g, but the field is empty.");
  const match = FORCE.exec(plain);
  const quantity = match ? parseQuantity(match[1] ?? "") : null;
  const perUnit = NEWTON_PER_UNIT[match?.[2] ?? "n"];
  if (quantity === null || perUnit === undefined) {
    return fail(
      "force-unreadable",
      `Expected a force such as 4.2 N or 430 g, but “${shorten(text)}” cannot be read as one.`,
    );
  }
  return ok(quantity * perUnit);
}
