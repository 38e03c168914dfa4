import type { JobFacts } from "../calculation/index.ts";
import { type Draft, statedOf } from "../drafting/index.ts";
import { lately } from "../lately.ts";
import { drawPieces, PIECES, PIECES_IDS, type PiecesId } from "./calculations.ts";
import type { DrawnSet, ElasticChange } from "./drawnJob.ts";
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

/** Draws the pieces of a job and looks them through; the same pieces once: every page of a job asks anew, and nothing has changed. */
const drawnLately = lately(
  (
    id: PiecesId,
    options: object,
    facts: PieceFacts,
  ): { readonly draft: Draft | null; readonly looked: LookedThrough } => {
    const { draft, checks, warnings } = drawPieces(id, options, facts);
    const faults = checks.filter(({ ok }) => !ok).length;
    return { draft, looked: { pieces: draft ? piecesIn(draft) : null, faults, warned: warnings.length > 0 } };
  },
  {
    keyOf: (id, options, { drawn, usual, elsewhere, decided, lacks, usable }) => [
      ...[id, options, drawn, usual, elsewhere, decided, lacks, usable],
    ],
    most: MOST_LATELY,
  },
);

/** What is to be known of the pieces of a job where they are not shown. */
export const lookThrough = (id: PiecesId, options: object, facts: PieceFacts): LookedThrough =>
  drawnLately(id, options, facts).looked;

/** Pieces that are drawn, and those of which edges are stated. */
const piecesIn = (draft: Draft): number =>
  new Set([...draft.pieces.map(({ id }) => id), ...statedOf(draft).map(({ piece }) => piece)]).size;

/** What prototypes and fittings made of the pieces of a job. */
export interface CutOfJob {
  /** The sets of pieces that are cut now: of the newest prototype, or of the one that is looked at. Left out while there is none. */
  readonly pieces?: readonly CutSet[];
  /** What was decided of its elastics and is cut; left out for nothing. */
  readonly elasticChanges?: readonly ElasticChange[];
  /** What was decided of them for the next prototype. */
  readonly elasticsWaiting?: readonly ElasticChange[];
}

/** A set of pieces as it was cut. */
export interface CutSet {
  readonly id: PiecesId;
  readonly draft: Draft;
}

/**
 * Every set of pieces of a job that its style has: as a prototype was cut from it, with all that was decided on the way; else as it is kept,
 * where it can be drawn from the plan.
 * @param factsOf what each is drawn from: gathered once, for its own page and for what rests on it.
 */
export const drawnSets = (
  { style, keptWorkings }: Pick<JobFacts, "style" | "keptWorkings">,
  cut: readonly CutSet[],
  factsOf: (id: PiecesId) => PieceFacts,
): readonly DrawnSet[] =>
  PIECES_IDS.filter((id) => PIECES[id].appears(style)).flatMap((id): DrawnSet[] => {
    const made = cut.find((one) => one.id === id);
    const entered = keptWorkings[id];
    if (!made && !entered) return [];
    const facts = factsOf(id);
    if (made) return [{ id, draft: made.draft, stretch: facts.stretch }];
    if (!entered) return [];
    const { draft } = drawnLately(id, entered, facts);
    return draft ? [{ id, draft, stretch: facts.stretch }] : [];
  });
