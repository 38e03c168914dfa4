/**
 * Steps of Stenz's own strain scale, by the share of usable stretch in use. The same on every screen and readable
 * without colour: the mark is a thread that is slack, then ever straighter, then broken.
 */
export type StretchStep = "slack" | "resting" | "light" | "held" | "drawn" | "broken";

/** The steps from slack to broken with the share each one ends at and its word. */
export const STRETCH_STEPS: readonly { readonly step: StretchStep; readonly below: number; readonly word: string }[] = [
  { step: "slack", below: 0, word: "slack" },
  { step: "resting", below: 0.2, word: "barely stretched" },
  { step: "light", below: 0.4, word: "lightly stretched" },
  { step: "held", below: 0.6, word: "well stretched" },
  { step: "drawn", below: 1, word: "near its limit" },
  { step: "broken", below: Number.POSITIVE_INFINITY, word: "will not reach" },
];

/** The step of a share used; a cloth with no usable stretch (null) is slack when not stretched, else broken. */
export function stretchStepOf(shareUsed: number | null, strain: number): StretchStep {
  const share = shareUsed ?? (strain > 0 ? Number.POSITIVE_INFINITY : -1);
  if (share === 1) return "drawn";
  return STRETCH_STEPS.find(({ below }) => share < below)?.step ?? "broken";
}
