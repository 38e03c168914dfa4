import type { ClosedGarment } from "../calculation/index.ts";
import { panelEdges } from "../drafting/index.ts";
import { isBoned } from "../ease/index.ts";
import type { DrawnJob } from "../pieces/index.ts";

/** What a worn garment is judged against. */
export interface WearFacts {
  readonly closed: ClosedGarment | null;
  /** Seams between panels, all round; null while no panels were kept. */
  readonly seams: number | null;
  readonly isForm: boolean;
}

/** Takes it from a job. */
export const wearFactsOf = (job: DrawnJob): WearFacts => {
  if (!isBoned(job.style)) return { closed: null, seams: null, isForm: false };
  const panels = job.drawn().find(({ id }) => id === "corsetPieces");
  return { closed: job.closed, seams: panels ? panelEdges(panels.draft) / 2 : null, isForm: job.beside.isForm };
};
