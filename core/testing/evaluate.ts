import { type Explanation, substitute } from "../explain/index.ts";

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
    .replaceAll("ln", "Math.log")
    .replaceAll(/\|([^|]*)\|/g, "Math.abs($1)")
    .replaceAll("max(", "Math.max(")
    .replaceAll("ceil(", "Math.ceil(")
    .replaceAll("floor(", "Math.floor(")
    // Angles are written in degrees.
    .replaceAll(/\basin\(/g, "(180 / Math.PI) * Math.asin(")
    .replaceAll(/\bsin\(/g, "Math.sin((Math.PI / 180) * ");
  if (!/^[\d\s.,()*/+e-]+$/.test(arithmetic.replaceAll(/Math\.(log|PI|abs|max|ceil|floor|asin|sin)/g, "")))
    throw new Error(`A symbol has no term in “${arithmetic}”.`);
  return Number(new Function(`return ${arithmetic}`)());
}
