import type { CarriedChange, FrozenLength } from "./prototype.ts";

/** A length on its way to the next prototype, mm. */
export interface NextLength extends FrozenLength {
  /** Sum of all decided changes of it. */
  readonly changedMm: number;
  readonly nowMm: number;
}

/** Lengths of the plan with every decided change of them in. */
export function nextLengths(lengths: readonly FrozenLength[], changes: readonly CarriedChange[]): NextLength[] {
  return lengths.map((length) => {
    const changedMm = changes
      .filter(({ on, lengthId }) => on === "length" && lengthId === length.id)
      .reduce((sum, { amountMm }) => sum + (amountMm ?? 0), 0);
    return { ...length, changedMm, nowMm: length.cutMm + changedMm };
  });
}
