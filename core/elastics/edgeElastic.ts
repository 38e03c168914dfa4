import type { ShelfElastic } from "../calculation/index.ts";
import type { ElasticRing } from "../pieces/index.ts";
import type { ChartLength } from "./chartLength.ts";
import type { RingBySchool, RingCut, SchoolAnswer } from "./cutRing.ts";

/** What has moved under an elastic since it was kept, mm. */
export interface StaleElastic {
  readonly wasMm: number;
  /** By how much its edge is longer now; below 0 shorter. */
  readonly byMm: number;
  /** By how much its cut is longer; null where the school gives none. */
  readonly cutByMm: number | null;
}

/** An edge of a garment with its elastic by every school. */
export interface EdgeElastic {
  /** Stable while its row says the same edge. */
  readonly key: string;
  /** Of which row it is. */
  readonly row: number;
  readonly ring: ElasticRing;
  readonly elastic: ShelfElastic | null;
  readonly cut: RingCut;
  readonly chart: ChartLength | null;
  readonly schools: readonly SchoolAnswer[];
  /** By the school that was chosen; null where that has no answer. */
  readonly chosen: RingBySchool | null;
  /** Null where nothing has moved, or nothing was kept. */
  readonly stale: StaleElastic | null;
  readonly notes: readonly string[];
}
