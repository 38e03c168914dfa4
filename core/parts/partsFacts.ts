import type { CutCloth } from "../calculation/index.ts";
import type { RingVerdict, StyleParts } from "../ease/index.ts";
import { type DrawnJob, type DrawnSet, isPiecesId } from "../pieces/index.ts";
import type { DecidedStyle } from "./decision.ts";

/** What the parts of a garment rest on. */
export interface PartsFacts {
  readonly style: DecidedStyle;
  /** Parts that garments of its style start with. */
  readonly ofStyle: StyleParts;
  readonly sets: readonly Pick<DrawnSet, "id" | "draft">[];
  /** Options of recipes as they are kept, by what they draw. */
  readonly kept: Readonly<Record<string, Readonly<Record<string, unknown>> | undefined>>;
  readonly cloths: readonly CutCloth[];
  readonly isChild: boolean;
  /** Rings of the plan that have to pass something, without those that open. */
  readonly pullOn: readonly Pick<RingVerdict, "ring" | "verdict" | "shortfallMm">[];
}

/** What the parts of a job's garment rest on. */
export const partsFactsOf = (job: DrawnJob): PartsFacts => ({
  style: { zones: job.style.zones, family: job.style.family, lengths: job.style.lengths },
  ofStyle: job.style.parts ?? {},
  sets: job.drawn().map(({ id, draft }) => ({ id, draft: { ...draft, numbers: [], notes: [] } })),
  kept: Object.fromEntries(Object.entries(job.keptWorkings).filter(([id]) => isPiecesId(id))) as PartsFacts["kept"],
  cloths: job.cloths,
  isChild: job.beside.isChild,
  pullOn: (job.plan?.chosenPullOn ?? [])
    .filter(({ ring }) => !job.openings[ring])
    .map(({ ring, verdict, shortfallMm }) => ({ ring, verdict, shortfallMm })),
});
