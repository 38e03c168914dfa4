import type { LONG_CODES } from "./catalogue/codes.ts";

/** Code of every measure Stenz takes; the plain name stands in the catalogue. */
export type MeasureCode = (typeof LONG_CODES)[number];

/** `single` for measures taken once, the other two for measures kept apart for left and right. */
export type Side = "single" | "left" | "right";

/** What kind of line the tape follows; a one-finger tape is taken off girths only. */
export type MeasureKind = "girth" | "arc" | "length" | "width";

/** Part of the sheet a measure stands in, in the order a person is measured. */
export type MeasureGroup = "girths" | "arcs" | "lengths" | "widths" | "breast" | "heights" | "seated";

/** How one named measurement is taken. Lengths in millimetres. */
export interface Measure {
  readonly code: MeasureCode;
  /** Plain name used everywhere in the interface. */
  readonly name: string;
  /** Name in ISO 8559-1 where it agrees with ours. */
  readonly isoName?: string;
  readonly kind: MeasureKind;
  readonly group: MeasureGroup;
  /** Kept for left and right apart. */
  readonly sided: boolean;
  readonly landmarks: string;
  /** Steps in the order they are done. */
  readonly how: readonly string[];
  readonly posture: string;
  readonly breath: string;
  /** A second person is needed for a true reading. */
  readonly helper: boolean;
  /** Plausible range of adults, both ends included; outside it the sheet asks, and still saves. */
  readonly rangeMm: readonly [number, number];
}
