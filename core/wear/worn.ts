import type { WearRow } from "./working.ts";

/** One level on the body and on the form, mm. */
export interface LevelWorn {
  readonly level: string;
  readonly name: string;
  readonly bodyMm: number;
  readonly plannedMm: number;
  /** Null where it was not closed on one. */
  readonly onFormMm: number | null;
  readonly onWearerMm: number | null;
  /** The last gap read on the wearer, there. */
  readonly gapMm: number | null;
}

/** A wear with what its waist settled by while it was worn, mm; null where only one reading was taken. */
export interface WearRead extends WearRow {
  readonly at: number;
  readonly settledMm: number | null;
  readonly firstMm: number | null;
  readonly lastMm: number | null;
  readonly stop: boolean;
}
