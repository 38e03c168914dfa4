import type { Explanation, Term } from "../../explain/index.ts";
import { levelName } from "../levelName.ts";

/** A girth of a garment that is stepped into, from its upper edge down. mm */
export interface ClosureRing {
  readonly level: string;
  readonly garmentMm: number;
  /** The snug body there. */
  readonly bodyMm: number;
  /** Below the waist, as cut; above it below 0. */
  readonly downMm: number;
}

/**
 * How long a closure from the upper edge has to be for a garment to be stepped into, by the pull-on rule: each ring stretched to its
 * limit, `G (1 + s)`, must pass the largest girth of the body below it; a closure ends where the garment first passes what lies
 * below, between the lowest ring that does not and the next.
 *
 * @param rings two or more, the topmost first.
 * @param usable the smallest usable stretch of its rings, 0 or more.
 * @param aboveMm how far the upper edge lies above the topmost ring, 0 or more.
 * @returns the explanation of its length; null where every ring passes.
 */
export function closureLength(rings: readonly ClosureRing[], usable: number, aboveMm: number): Explanation | null {
  const passOf = (at: number) => Math.max(...rings.slice(at + 1).map(({ bodyMm }) => bodyMm));
  // The lowest ring has nothing below it to pass.
  const failing = rings.findLastIndex(
    ({ garmentMm }, at) => at < rings.length - 1 && garmentMm * (1 + usable) < passOf(at),
  );
  const [ring, next, top] = [rings[failing], rings[failing + 1], rings[0]];
  if (!ring || !next || !top) return null;
  const passMm = passOf(failing);
  // Where even the next does not pass what is its own, the closure goes down to it: below, nothing has to be passed.
  const reaches = next.garmentMm * (1 + usable) >= passMm;
  const part = reaches ? (passMm / (1 + usable) - ring.garmentMm) / (next.garmentMm - ring.garmentMm) : 1;
  const [heightMm, gapMm] = [ring.downMm - top.downMm, next.downMm - ring.downMm];
  const name = (level: string) => levelName(level).toLowerCase();
  const down = [
    length("a", "from the upper edge to the topmost girth", aboveMm, "typed for this pattern"),
    length("h", `from there to the ${name(ring.level)}, the lowest that does not pass`, heightMm, "lengths as cut"),
    length("k", `from the ${name(ring.level)} to the ${name(next.level)}`, gapMm, "lengths as cut"),
  ];
  const girths: Term[] = [
    { ...length("P", "largest girth of the body below it, snug", passMm, "the sheet"), kind: "body" },
    { symbol: "s", meaning: "usable stretch", value: usable, unit: "ratio", kind: "cloth", source: "its swatch test" },
    length("G₁", `girth of the pattern at the ${name(ring.level)}`, ring.garmentMm, "this pattern"),
    length("G₂", `at the ${name(next.level)}`, next.garmentMm, "this pattern"),
  ];
  return {
    title: "A closure from the upper edge, how long",
    formula: reaches ? "Z = a + h + k · (P / (1 + s) − G₁) / (G₂ − G₁)" : "Z = a + h + k",
    terms: reaches ? [...down, ...girths] : down,
    result: { value: aboveMm + heightMm + gapMm * part, unit: "length" },
    notes: [
      "Stepped into, every girth stretched to its limit must pass the largest of the body below it: G · (1 + s) ≥ P. The closure ends where the garment first does.",
      ...(reaches
        ? []
        : ["The girth below is narrower than its own body stretched to the limit: look at the plan there."]),
      "A zip keeps its stops within the opening: add what yours needs at the lower end, and reinforce there.",
    ],
    others: [],
  };
}

const length = (symbol: string, meaning: string, value: number, source: string): Term => ({
  ...{ symbol, meaning, value, unit: "length", kind: "garment", source },
});
