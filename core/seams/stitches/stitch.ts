import type { Position } from "../position.ts";

/** A place on a drawn stitch, mm: x along the seam, y across it. */
export interface StitchPoint {
  readonly x: number;
  readonly y: number;
}

/** The way of one thread as it lies in the seam, seen from above. */
export interface ThreadRun {
  readonly position: Position;
  /** True where it lies on the underside. */
  readonly under: boolean;
  readonly points: readonly StitchPoint[];
}

/** What of a set-up a stitch is drawn by, mm. */
export interface StitchSize {
  readonly lengthMm: number;
  /** Of stitches that have one; else 0. */
  readonly widthMm: number;
}

/** One stitch of ISO 4915. */
export interface Stitch {
  /** Its number there. */
  readonly id: string;
  readonly name: string;
  /** Threads it has. */
  readonly positions: readonly Position[];
  /** Least and most width, mm; null for a stitch without one. */
  readonly widthMm: readonly [least: number, most: number] | null;
  /** Steps of its needle one way across: a zigzag can be estimated before it is sewn; null for all others. */
  readonly steps: number | null;
  /** Sewn on machines that can feed with differential. */
  readonly differential: boolean;
  /** Threads of a run of stitches. */
  readonly drawn: (size: StitchSize, count: number) => readonly ThreadRun[];
}

/** Least and most length of any stitch, mm. */
export const STITCH_LENGTH_MM = [0.3, 6] as const;
