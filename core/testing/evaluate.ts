import type { Explanation } from "../explain/explanation.ts";
import { substitute } from "../explain/substitute.ts";

/**
 * Works an explanation's formula out from its own terms, as a reader with a calculator would. Tests compare it with
 * the result shown: a formula that does not give its figure explains nothing.
 */
export function evaluate({ formula, terms }: Explanation): number {
  const written = substitute(formula, terms, ({ value }) => `(${value})`);
  const arithmetic = written
    .replaceAll("·", "*")
    .replaceAll("−", "-")
    .replaceAll("^", "**")
    .replaceAll("π", "Math.PI")
    .replaceAll("ln", "Math.log");
  if (!/^[\d\s.()*/+e-]+$/.test(arithmetic.replaceAll(/Math\.(log|PI)/g, "")))
    throw new Error(`A symbol has no term in “${arithmetic}”.`);
  return Number(new Function(`return ${arithmetic}`)());
}
