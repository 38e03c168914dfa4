import { type DerivedFrom, ZONE_NAMES } from "../../ease/index.ts";
import { type Explanation, subscript, type Term } from "../../explain/index.ts";
import { SEWING_ERROR_MM, SEWING_ERROR_PART, sewingError } from "./asSewn.ts";
import type { CarriedChange } from "./frozenPlan.ts";
import { type NextRing, touches } from "./nextPlan.ts";
import { ringName } from "./ringName.ts";

/** Explains the girth a ring is planned to now: body and cloth, and every decided change that touches it. */
export function explainNow(ring: NextRing, changes: readonly CarriedChange[], planSource: string): Explanation {
  const planned: Term = {
    symbol: "P",
    meaning: "planned from body and cloth",
    value: ring.plannedMm,
    unit: "length",
    kind: "garment",
    source: planSource,
  };
  const touching = changes.filter((change) => change.amountMm !== null && touches(change, ring));
  const terms = touching.map(
    (change, index): Term => ({
      symbol: `c${subscript(index + 1)}`,
      meaning: `decided change at the ${ZONE_NAMES[change.zone].toLowerCase()}, ${change.side === "both" ? "both sides" : change.side}`,
      value: change.amountMm ?? 0,
      unit: "difference",
      kind: "finding",
      source: `change ${change.changeId}`,
    }),
  );
  return {
    title: `${ringName(ring)}, now planned`,
    formula: ["G = P", ...terms.map(({ symbol }) => symbol)].join(" + "),
    terms: [planned, ...terms],
    result: { value: ring.nowMm, unit: "length" },
    notes: [
      terms.length === 0
        ? "No change was decided for it."
        : "Every change decided in this job counts, those already cut included.",
      "Rounded to 1 mm.",
    ],
    others: [],
  };
}

/** Explains how far a girth or a length was sewn from its plan. */
export function explainSewing(name: string, sewnMm: number, plannedMm: number): Explanation {
  const { errorMm } = sewingError(sewnMm, plannedMm);
  return {
    title: `${name}, sewing error`,
    formula: "error = S − G",
    terms: [
      {
        symbol: "S",
        meaning: "as sewn; of a girth the flat width times two",
        value: sewnMm,
        unit: "length",
        kind: "garment",
        source: "measured on the sewn prototype",
      },
      { symbol: "G", meaning: "to be sewn", value: plannedMm, unit: "length", kind: "garment", source: "frozen plan" },
    ],
    result: { value: errorMm, unit: "difference" },
    notes: [
      `Over ${SEWING_ERROR_MM} mm, or ${SEWING_ERROR_PART * 100} %, it is flagged: a fitting judges what was sewn, not what was planned.`,
    ],
    others: [],
  };
}

/** A ring with its sources, for the explanations of what follows from its girth. */
export const derivedFromRing = (
  ring: NextRing,
  stretch: { readonly usable: number; readonly recovery: number | null },
  sources: DerivedFrom["sources"],
): DerivedFrom => ({
  place: ringName(ring),
  bodyMm: ring.bodyMm,
  consequences: ring.consequences,
  usable: stretch.usable,
  recovery: stretch.recovery,
  sources,
});
