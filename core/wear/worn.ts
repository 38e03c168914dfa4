import type { GirthRow, WearRow } from "./working.ts";

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

/** From the first reading of a girth to its last, mm; null where only one was taken, or none. */
export interface Settled {
  readonly at: number;
  readonly firstMm: number | null;
  readonly lastMm: number | null;
  readonly settledMm: number | null;
}

/** A wear with what its waist settled by while it was worn. */
export interface WearRead extends WearRow, Settled {
  readonly stop: boolean;
}

/** Another level with what it settled by in a wear. */
export interface GirthRead extends GirthRow, Settled {
  readonly name: string;
}
