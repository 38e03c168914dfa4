import type { Edge, Point } from "../../core/drafting/index.ts";

/** A piece as a file of another program tells it: mm, y down. */
export interface TracedPiece {
  readonly name: string;
  readonly count: number | null;
  readonly material: string | null;
  /** The line it is cut along, closed; empty where the file has none. */
  readonly boundary: readonly Edge[];
  /** The line it is sewn along, closed; empty where the file has none. */
  readonly sewLine: readonly Edge[];
  readonly grain: { readonly from: Point; readonly to: Point } | null;
  readonly notches: readonly Point[];
  readonly drills: readonly Point[];
}

/** What was read, and what was not understood, by kind with how often. */
export interface TracedPieces {
  readonly pieces: readonly TracedPiece[];
  readonly passedOver: readonly string[];
}

/** Longest text that is read: a garment is some hundred kilobytes. */
export const LONGEST_TEXT = 20_000_000;

/** Counts what is passed over by its kind, to be told in lines that can be shown. */
export function passingOver(): { readonly passOver: (kind: string) => void; readonly told: () => string[] } {
  const times = new Map<string, number>();
  return {
    passOver: (kind) => void times.set(kind, (times.get(kind) ?? 0) + 1),
    told: () => [...times].map(([kind, count]) => `${kind}: ${count}`).toSorted(),
  };
}
