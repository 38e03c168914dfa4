import type { InchRule } from "./labels.ts";

/** Which rule the inch labels follow. */
export interface LabelWorking {
  readonly inchRule: InchRule;
}

/** Labels as the trade writes them. */
export const NEW_LABEL: LabelWorking = { inchRule: "trade" };
