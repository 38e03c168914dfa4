import type { NumberKind, NumberUnit, Term } from "./explanation.ts";

/** Writes terms of one kind and unit: `term("body", "length")("B", "body waist", 742, "sheet of 3 May")`. */
export const term =
  (kind: NumberKind, unit: NumberUnit) =>
  (symbol: string, meaning: string, value: number, source: string): Term => ({
    symbol,
    meaning,
    value,
    unit,
    kind,
    source,
  });
