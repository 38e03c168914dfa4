import type { MeasureCode, NotTaken, Sheet } from "../../core/body/index.ts";

/** A sheet of the demo as the invented workshop typed it: several takes with a semicolon between, both sides with a slash. */
export interface DemoSheet extends Omit<Sheet, "id" | "wearerId" | "values" | "notTaken" | "answers"> {
  readonly typed: Readonly<Partial<Record<MeasureCode, string>>>;
  readonly notTaken?: readonly NotTaken[];
}

/** A wearer of the demo with their sheets, oldest first. */
export interface DemoPerson {
  readonly name: string;
  readonly kind: "person" | "form";
  readonly allergies?: string;
  readonly notes: string;
  readonly sheets: readonly DemoSheet[];
}
