import type { ClosedGarment } from "../calculation/index.ts";
import type { Draft } from "../drafting/index.ts";
import type { DrawnJob } from "../pieces/index.ts";

/** What bones and closure are reckoned from. */
export interface BonesFacts {
  /** The kept panels, drawn; null while there are none. */
  readonly draft: Draft | null;
  readonly closed: ClosedGarment | null;
  /** Usable stretch of the cloth round the body; null while it was not tested. */
  readonly usable: number | null;
  readonly source: string;
}

/** Takes them from a job. Panels are drawn when they are asked for. */
export const bonesFactsOf = (job: DrawnJob): BonesFacts =>
  job.style.family === "boned"
    ? {
        draft: job.drawn().find(({ id }) => id === "corsetPieces")?.draft ?? null,
        closed: job.closed,
        usable: job.stretch?.usable ?? null,
        source: job.beside.sheetName,
      }
    : { draft: null, closed: null, usable: null, source: "" };
