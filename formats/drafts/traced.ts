import type { Edge, Point } from "../../core/drafting/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";

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
export const LONGEST_TEXT = 4_000_000;

/** Most pieces of a file, and most lines of all of them: a corset in ten sizes has some hundred, of a few thousand lines. */
export const [MOST_PIECES, MOST_LINES] = [400, 40_000];

/** What a file draws, held within what is read of one. @returns nothing, or `too-many-pieces`, `too-many-lines`. */
export function withinDrawn({ pieces, lines }: { readonly pieces: number; readonly lines: number }): Result<null> {
  if (pieces > MOST_PIECES)
    return fail("too-many-pieces", `Expected up to ${MOST_PIECES} pieces in a file, but it has ${pieces}.`);
  return lines > MOST_LINES
    ? fail("too-many-lines", `Expected pieces of up to ${MOST_LINES} lines in all, but the file has ${lines}.`)
    : ok(null);
}

/** The lines of a piece, all of them. */
const linesOf = ({ boundary, sewLine }: TracedPiece): number => boundary.length + sewLine.length;

/** Pieces that were read, where a file has some and not too many. @returns them, or what {@link withinDrawn} says. */
export function withinLimits(traced: TracedPieces): Result<TracedPieces> {
  const { pieces } = traced;
  const held = withinDrawn({ pieces: pieces.length, lines: pieces.reduce((sum, piece) => sum + linesOf(piece), 0) });
  return held.ok ? ok(traced) : held;
}

/** Counts what is passed over by its kind, to be told in lines that can be shown. */
export function passingOver(): { readonly passOver: (kind: string) => void; readonly told: () => string[] } {
  const times = new Map<string, number>();
  return {
    passOver: (kind) => void times.set(kind, (times.get(kind) ?? 0) + 1),
    told: () => [...times].map(([kind, count]) => `${kind}: ${count}`).toSorted(),
  };
}
