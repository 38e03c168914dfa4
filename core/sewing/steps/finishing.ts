import { hangs, isBra } from "../made.ts";
import type { SewingStep } from "../step.ts";

/** What is left for the end. */
export const finishingSteps: readonly SewingStep[] = [
  {
    ...{ id: "straps", name: "Set the straps on the body", guessMin: 20 },
    appears: (made) => isBra(made) || hangs(made),
    how: "Pinned on the body, last of all; then sewn.",
    after: [
      { step: "neckline", why: "its edge decides where a strap begins" },
      { step: "bandElastics", why: "a strap hangs from a band that holds" },
    ],
    fit: "Strap length on the body: the band stays level, two fingers under the strap.",
    settles: "straps set to length",
  },
  {
    ...{ id: "adorn", name: "Set what adorns it", guessMin: 20 },
    appears: ({ parts }) => parts.overlay !== "open" && parts.overlay !== "none",
  },
  {
    ...{ id: "reinforce", name: "Reinforce the ends", guessMin: 10, appears: () => true },
    how: "Bar tacks where straps, gusset, closure and wires end.",
  },
  {
    ...{ id: "firstWash", name: "Wash it once, and try it on again", guessMin: 15, appears: () => true },
    fit: "As before the wash: girths, rise, edges; what is worn in water, wet.",
    settles: "after the first wash",
  },
];
