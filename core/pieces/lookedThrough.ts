import { type Draft, statedOf } from "../drafting/index.ts";
import { drawPieces, type PiecesId } from "./calculations.ts";
import type { PieceFacts } from "./pieceFacts.ts";

/** What is to be known of drawn pieces where they are not shown. */
export interface LookedThrough {
  /** How many there are; null where they cannot be drawn. */
  readonly pieces: number | null;
  /** Rules that do not hold. */
  readonly faults: number;
  /** True where something is in the way that no entry would mend. */
  readonly warned: boolean;
}

/** What was looked through lately, by all that it rests on: every page of a job asks anew, and nothing has changed. */
const LATELY = new Map<string, LookedThrough>();
const MOST_LATELY = 100;

/** Draws the pieces of a job and looks them through; the same pieces are drawn once. */
export function lookThrough(id: PiecesId, options: object, facts: PieceFacts): LookedThrough {
  const key = JSON.stringify([id, options, facts.drawn, facts.usual, facts.lacks]);
  const known = LATELY.get(key);
  if (known) return known;
  const { draft, checks, warnings } = drawPieces(id, options, facts);
  const found = {
    pieces: draft ? piecesIn(draft) : null,
    faults: checks.filter(({ ok }) => !ok).length,
    warned: warnings.length > 0,
  };
  if (LATELY.size >= MOST_LATELY) LATELY.clear();
  LATELY.set(key, found);
  return found;
}

/** Pieces that are drawn, and those of which edges are stated. */
const piecesIn = (draft: Draft): number =>
  new Set([...draft.pieces.map(({ id }) => id), ...statedOf(draft).map(({ piece }) => piece)]).size;
