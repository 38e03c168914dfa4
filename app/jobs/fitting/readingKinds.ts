import type { Zone } from "../../../core/ease/index.ts";
import type { ClosurePull, Fitting, NoPrediction } from "../../../core/fitting/index.ts";
import { parseSmallLength } from "../../../core/units/index.ts";
import type { Fields, Unsaved } from "../../form/unsaved.ts";

/** A reading held against the plan, or why it cannot be. */
export interface HeldPull {
  readonly id: number;
  readonly pull: ClosurePull | NoPrediction;
}

/** The readings of a fitting, with what they are held against. */
export interface ReadingsProps {
  readonly fitting: Fitting;
  readonly zones: readonly Zone[];
  readonly pulls: readonly HeldPull[];
  /** Tension in wear of the prototype, N/m, by zone; none where there is no curve. */
  readonly tensions: Readonly<Partial<Record<Zone, number>>>;
  readonly hasDevice: boolean;
  readonly draft: Fields | undefined;
  /** True where the prototype is closed. */
  readonly fixed: boolean;
  readonly onSend: (fields: Fields) => Promise<Unsaved | null>;
}

/** What can be read, with its words. */
export const KINDS = [
  { value: "lift", label: "lift: force off the body" },
  { value: "liftBy", label: "lift: how far off the body" },
  { value: "closure", label: "closure pull: edges just to meet" },
] as const;

/** Height times the tension there, N; null for a lift, and while the form does not say enough. */
export function foreseenN(
  { kind, zone, height = "", unit }: Fields,
  tensions: ReadingsProps["tensions"],
): number | null {
  const tension = tensions[zone as Zone];
  const read = parseSmallLength(height, unit === "in" ? "in" : "cm", TALLEST_MM);
  return kind === "closure" && tension !== undefined && tension > 0 && read.ok ? (read.value / 1000) * tension : null;
}

/** Longest height a closure is read over, mm. */
export const TALLEST_MM = 1000;
