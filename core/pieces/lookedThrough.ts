import { type Draft, statedOf } from "../drafting/index.ts";
import { lately } from "../lately.ts";
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

const MOST_LATELY = 100;

/** Draws the pieces of a job and looks them through; the same pieces are drawn once: every page of a job asks anew, and nothing has changed. */
export const lookThrough = lately(
  (id: PiecesId, options: object, facts: PieceFacts): LookedThrough => {
    const { draft, checks, warnings } = drawPieces(id, options, facts);
    return {
      pieces: draft ? piecesIn(draft) : null,
      faults: checks.filter(({ ok }) => !ok).length,
      warned: warnings.length > 0,
    };
  },
  { keyOf: (id, options, { drawn, usual, lacks }) => [id, options, drawn, usual, lacks], most: MOST_LATELY },
);

/** Pieces that are drawn, and those of which edges are stated. */
const piecesIn = (draft: Draft): number =>
  new Set([...draft.pieces.map(({ id }) => id), ...statedOf(draft).map(({ piece }) => piece)]).size;
