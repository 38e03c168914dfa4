/**
 * Steps of the scale of boned garments, in which the body gives and not the cloth: by how much smaller than the body they close. The
 * same on every screen and readable without colour: two edges, ever nearer.
 */
export type LacedStep = "room" | "eased" | "laced" | "hard" | "stop";

/** The steps with the reduction each one ends at, and its word: a first garment, an experienced wearer, and past what is proposed. */
export const LACED_STEPS: readonly { readonly step: LacedStep; readonly upTo: number; readonly word: string }[] = [
  { step: "room", upTo: 0, word: "with room" },
  { step: "eased", upTo: 0.05, word: "lightly laced" },
  { step: "laced", upTo: 0.1, word: "laced in" },
  { step: "hard", upTo: 0.15, word: "hard, for the experienced" },
  { step: "stop", upTo: Number.POSITIVE_INFINITY, word: "stop: too much" },
];

/** A reduction is given to this. */
const NEARLY = 1e-9;

/** The step of a reduction, 1 − G / B. */
export const lacedStepOf = (reduction: number): LacedStep =>
  LACED_STEPS.find(({ upTo }) => reduction <= upTo + NEARLY)?.step ?? "stop";
