import type { Made, SewingStep } from "../step.ts";
import { bindingSteps, panelSteps } from "./boned.ts";
import { innerSteps } from "./bottoms.ts";
import { closingSteps } from "./closing.ts";
import { cupSteps } from "./cups.ts";
import { cuttingSteps } from "./cutting.ts";
import { edgeSteps } from "./edges.ts";
import { finishingSteps } from "./finishing.ts";

/** Every step in the order it is usually sewn. */
export const SEWING_STEPS: readonly SewingStep[] = [
  ...cuttingSteps,
  ...cupSteps,
  ...innerSteps,
  ...panelSteps,
  ...closingSteps,
  ...bindingSteps,
  ...edgeSteps,
  ...finishingSteps,
];

/** The steps of a garment. */
export const stepsFor = (made: Made): readonly SewingStep[] => SEWING_STEPS.filter(({ appears }) => appears(made));

/** Names of all steps that ship. */
export const SEWING_STEP_IDS: readonly string[] = SEWING_STEPS.map(({ id }) => id);

/** What a step that ships is called; null for one of the maker's own. */
export const sewingStepName = (id: string): string | null => SEWING_STEPS.find((one) => one.id === id)?.name ?? null;
