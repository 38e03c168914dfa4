import { bodyValue } from "../body/index.ts";
import type { ShelfElastic } from "../calculation/index.ts";
import type { Zone } from "../ease/index.ts";
import { type DrawnJob, type ElasticChange, type ElasticRing, elasticRings } from "../pieces/index.ts";

/** What the elastics of a job rest on. mm */
export interface ElasticsFacts {
  readonly rings: readonly ElasticRing[];
  /** The shelf, or of it what was picked. */
  readonly elastics: readonly ShelfElastic[];
  /** The elastic chosen for the edges in the ease plan; null where none was. */
  readonly edge: ShelfElastic | null;
  /** What each ring of the plan passes when the garment is put on; an opening leaves it out. */
  readonly passMm: Readonly<Partial<Record<Zone, number>>>;
  /** Rings that open, with how. */
  readonly opens: Readonly<Partial<Record<Zone, string>>>;
  /** The body at each zone of the plan, snug. */
  readonly bodyMm: Readonly<Partial<Record<Zone, number>>>;
  /** Sizes the job's chart chose, by zone. */
  readonly sizes: Readonly<Partial<Record<Zone, string>>>;
  /** How far below the waist a low one lies, as a part of the way to the hip; null where that is not known. */
  readonly lowPart: number | null;
  /** Decided at fittings; they are cut in, whatever the school. */
  readonly changes: readonly ElasticChange[];
  /** Decided for the next prototype: told, and not cut in. */
  readonly waiting: readonly ElasticChange[];
}

/** What the elastics of a job rest on. */
export function elasticsFactsOf(job: DrawnJob): ElasticsFacts {
  const { beside, plan, body, style, openings } = job;
  const zones = plan?.zones ?? [];
  const toHip = body && bodyValue(body.values, "waist_to_hip");
  return {
    rings: job.drawn().flatMap(({ draft, stretch }) => elasticRings(draft, stretch)),
    elastics: beside.elastics,
    edge: job.edge,
    passMm: Object.fromEntries((plan?.chosenPullOn ?? []).map(({ ring, passMm }) => [ring, passMm])),
    opens: openings,
    bodyMm: Object.fromEntries(zones.map((one) => [one.zone, one.body.snugMm])),
    sizes: beside.chartSizes,
    lowPart: toHip ? Math.min(1, (style.drops.front + style.drops.back) / 2 / toHip.mm) : null,
    changes: job.elasticChanges,
    waiting: job.elasticsWaiting,
  };
}
