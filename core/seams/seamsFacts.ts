import { goesRound, type StretchClass, stretchClassOf } from "../cloth/index.ts";
import type { DrawnJob } from "../pieces/index.ts";
import { type JobSeam, jobSeams } from "./jobSeams.ts";

/** What the seams of a job rest on. */
export interface SeamsFacts {
  readonly seams: readonly JobSeam[];
  /** What it is sewn from; null while none is chosen. */
  readonly clothName: string | null;
  /** Usable stretch of the cloth round the body, ratio; null while it is not tested. */
  readonly usable: number | null;
  readonly clothClass: StretchClass | null;
  /** Sewn through: those of both pieces that meet. */
  readonly layers: number;
  /** True where a school was chosen: only then is it known how far anything stretches. */
  readonly planned: boolean;
}

/** What the seams of a job rest on. */
export function seamsFactsOf(job: DrawnJob): SeamsFacts {
  const { plan, stretch, cloths, layerNames, openings } = job;
  const worn = Object.fromEntries(
    (plan?.zones ?? []).flatMap(({ zone, chosen }) => (chosen ? [[zone, chosen.consequences.strain]] : [])),
  );
  const pulled = Object.fromEntries(
    (plan?.chosenPullOn ?? []).filter(({ ring }) => !openings[ring]).map(({ ring, needed }) => [ring, needed]),
  );
  return {
    seams: jobSeams(
      job.drawn().map(({ draft }) => draft),
      { worn, pulled },
    ),
    clothName: cloths.find(goesRound)?.name ?? null,
    usable: stretch?.usable ?? null,
    clothClass: stretch ? stretchClassOf(stretch.usable) : null,
    layers: 2 * Math.max(1, layerNames.length),
    planned: Object.keys(worn).length > 0,
  };
}
