import type { ClosedGarment } from "../calculation/index.ts";
import { type Draft, edgeLength, edgeOf, timesRound } from "../drafting/index.ts";
import type { DrawnJob } from "../pieces/index.ts";

/** What bones and closure are reckoned from. */
export interface BonesFacts {
  /** The kept panels, drawn; null while there are none. */
  readonly draft: Draft | null;
  readonly closed: ClosedGarment | null;
  /** Usable stretch of the cloth round the body; null while it was not tested. */
  readonly usable: number | null;
  readonly source: string;
  /** The upper edge of the skirt that is joined to it, all round, mm; null where there is none. */
  readonly skirtMm: number | null;
}

/** Takes them from a job. Panels are drawn when they are asked for. */
export const bonesFactsOf = (job: DrawnJob): BonesFacts =>
  job.style.family === "boned"
    ? {
        draft: job.drawn().find(({ id }) => id === "corsetPieces")?.draft ?? null,
        closed: job.closed,
        usable: job.stretch?.usable ?? null,
        source: job.beside.sheetName,
        skirtMm: skirtTop(job),
      }
    : { draft: null, closed: null, usable: null, source: "", skirtMm: null };

function skirtTop(job: DrawnJob): number | null {
  const skirt = job.drawn().find(({ id }) => id === "skirtPieces");
  if (!skirt) return null;
  return skirt.draft.pieces.reduce((sum, piece) => sum + edgeLength(edgeOf(piece, "top")) * timesRound(piece), 0);
}
