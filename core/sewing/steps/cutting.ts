import type { SewingStep } from "../step.ts";

const every = () => true;

/** Before anything is sewn. */
export const cuttingSteps: readonly SewingStep[] = [
  {
    ...{ id: "cut", name: "Cut every piece", guessMin: 40, appears: every },
    how: "Stretch cloth has lain unrolled for a day; nothing is pulled while it is cut.",
  },
  { id: "marks", name: "Mark notches, points and quarters", guessMin: 10, appears: every },
];
