import type { StepForm } from "../stepForm.ts";
import { finishEdge } from "./finishEdge.ts";
import { lap } from "./lap.ts";
import { splitInTwo } from "./splitInTwo.ts";
import { styleLine } from "./styleLine.ts";

/** Every step a form asks for; adding one is adding a file and a line here. */
export const STEP_FORMS: readonly StepForm[] = [lap, splitInTwo, styleLine, finishEdge];
