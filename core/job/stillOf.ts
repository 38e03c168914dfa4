import type { BesideJob, JobFacts } from "../calculation/index.ts";
import { stillRound } from "../drafting/index.ts";
import type { StyleInput } from "../ease/index.ts";
import type { FrozenPlan } from "../fitting/index.ts";
import { drawnSets, PIECES, type PiecesId } from "../pieces/index.ts";
import type { PrototypePieces } from "../redraw/index.ts";
import { jobFacts } from "./jobFacts.ts";
import { type JobIngredients, planJob } from "./planJob.ts";

/** What of a ring does not stretch, by zone, mm. */
export type Still = NonNullable<StyleInput["still"]>;

/** What draws a band that carries cups. */
const BANDS: readonly PiecesId[] = ["softBraPieces", "wiredBraPieces"];

/** Of drawn pieces. */
const stillIn = (sets: readonly Pick<PrototypePieces, "draft">[]): Still => {
  const [underbust] = sets.flatMap(({ draft }) => stillRound(draft) ?? []);
  return underbust === undefined ? {} : { underbust };
};

/**
 * What of the rings of a job does not stretch, as its kept pieces are drawn: bridge, cups and hooks of a band are as wide whatever the band
 * is planned at, so that the plan they are drawn from says how the rest is strained. Nothing while no pieces are kept.
 */
export function stillOf(ingredients: JobIngredients, beside: BesideJob, keptWorkings: JobFacts["keptWorkings"]): Still {
  const bands = BANDS.filter((id) => keptWorkings[id]);
  if (bands.length === 0) return {};
  const job = jobFacts(ingredients, planJob(ingredients), beside, keptWorkings);
  const kept = Object.fromEntries(bands.map((id) => [id, keptWorkings[id]]));
  return stillIn(drawnSets({ style: job.style, keptWorkings: kept }, [], (id) => PIECES[id].facts(job)));
}

/** A frozen plan with what of its rings does not stretch, as the pieces are that are cut with it. */
export function stillAsCut(frozen: FrozenPlan, pieces: readonly PrototypePieces[]): FrozenPlan {
  const still = stillIn(pieces);
  return {
    ...frozen,
    rings: frozen.rings.map(({ stillMm: _planned, ...ring }) => {
      const stillMm = still[ring.zone];
      return stillMm === undefined ? ring : { ...ring, stillMm };
    }),
  };
}
