import type { StepMinutes } from "./minutesOf.ts";

/** One step of a garment with where it stands. */
export interface SewingRow {
  readonly id: string;
  readonly name: string;
  readonly how: string | null;
  readonly fit: string | null;
  /** The maker's own step. */
  readonly own: boolean;
  readonly expected: StepMinutes;
  /** How long it is left alone once it is done, day and night, minutes. */
  readonly restMin: number;
  /** Sewn at so far, minutes. */
  readonly spentMin: number;
  /** When it was done, UTC; null while it is not. */
  readonly doneAt: string | null;
  /** The garment does without it. */
  readonly left: boolean;
  /** What has to be there before it and comes later, in sentences. */
  readonly problems: readonly string[];
  /** Findings that come back with it. */
  readonly putOff: readonly string[];
}

/** What is still to be sewn of a step, minutes. */
export const toGo = ({ expected, spentMin }: Pick<SewingRow, "expected" | "spentMin">): number =>
  Math.max(0, expected.minutes - spentMin);
