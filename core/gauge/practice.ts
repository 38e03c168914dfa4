import { type LadderStep, type LoadLadder, stepTension } from "../cloth/index.ts";
import { type StandInCloth, trueTension } from "./standIn.ts";

/**
 * How far each loading step of a practice ladder lies from the stand-in's true curve: tension read over the true
 * tension at that strain, less one. Null for steps on the way back, which the true loading curve says nothing of.
 */
export const practiceErrors = (
  cloth: StandInCloth,
  { form, widthMm, gaugeMm }: Pick<LoadLadder, "form" | "widthMm" | "gaugeMm">,
  steps: readonly Pick<LadderStep, "forceN" | "lengthMm" | "phase">[],
): (number | null)[] =>
  steps.map(({ forceN, lengthMm, phase }) => {
    const truth = trueTension(cloth, lengthMm / gaugeMm - 1);
    return phase === "unload" || truth <= 0 ? null : stepTension({ form, widthMm }, forceN) / truth - 1;
  });
