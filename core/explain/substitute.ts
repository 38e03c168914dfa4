import type { Term } from "./explanation.ts";

/**
 * Puts the job's numbers into the right-hand side of a formula: `G = B / (1 + u · s)` becomes
 * `72.0 / (1 + 0.22 · 0.55)` with the given way of writing numbers.
 *
 * Symbols are replaced as whole words, longest first, so that `G` never eats into `G₁`; a symbol without a term
 * stays as it is.
 */
export function substitute(formula: string, terms: readonly Term[], write: (term: Term) => string): string {
  const right = formula.slice(formula.indexOf("=") + 1).trim();
  const bySymbol = new Map(terms.map((term) => [term.symbol, term]));
  const symbols = [...bySymbol.keys()].sort((a, b) => b.length - a.length).map(escapeForRegex);
  if (symbols.length === 0) return right;
  const pattern = new RegExp(`(?<![\\p{L}₀-₉])(?:${symbols.join("|")})(?![\\p{L}₀-₉])`, "gu");
  return right.replace(pattern, (symbol) => write(bySymbol.get(symbol) as Term));
}

const escapeForRegex = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, "\\$&");
