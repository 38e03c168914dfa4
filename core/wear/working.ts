import type { CorsetLevel } from "../corset/index.ts";

/** On whom a garment was closed. */
export type ClosedOn = "wearer" | "form";

/** A gap as it was read when the garment was laced on; of a zip what it lacked to meet. mm; null where it was not read. */
export interface GapRow {
  readonly on: string | null;
  readonly who: ClosedOn;
  /** Number of the mock-up. */
  readonly mockUp: number | null;
  readonly topMm: number | null;
  readonly waistMm: number | null;
  readonly bottomMm: number | null;
}

/** Minutes after which a wear is read. */
export const READ_AFTER_MIN = [0, 10, 30, 120] as const;

/** The pull in the lace at a level. */
export interface PullRow {
  readonly on: string | null;
  readonly level: CorsetLevel;
  readonly after: string;
  readonly pullN: number | null;
  readonly gapMm: number | null;
}

/** A closed girth as time goes on, mm; null where it was not read. */
export interface SettlingRow {
  readonly on: string | null;
  readonly at0Mm: number | null;
  readonly at10Mm: number | null;
  readonly at30Mm: number | null;
  readonly at120Mm: number | null;
}

/** Another level than the waist in a wear. */
export interface GirthRow extends SettlingRow {
  readonly level: CorsetLevel;
}

/** One wear: the closed waist as time goes on, and how it was. */
export interface WearRow extends SettlingRow {
  /** 1 to 5. */
  readonly comfort: number | null;
  readonly speaks: boolean;
  readonly breathes: boolean;
  readonly marks: "none" | "goes" | "stays";
  /** Numb, tingling, faint or in pain: loosened at once. */
  readonly numb: boolean;
  readonly note: string;
}

/** What is kept of a garment that was closed and worn. */
export interface WearWorking {
  readonly targetMm: number | null;
  readonly pitchMm: number | null;
  readonly gaps: readonly GapRow[];
  readonly pulls: readonly PullRow[];
  readonly wears: readonly WearRow[];
  readonly girths: readonly GirthRow[];
  readonly startOn: string | null;
}

/** Before it was closed on anybody. */
export const NEW_WEAR: WearWorking = {
  ...{ targetMm: null, pitchMm: null, startOn: null },
  ...{ gaps: [], pulls: [], wears: [], girths: [] },
};
