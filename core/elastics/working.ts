import type { ElasticSchoolId } from "../elastic/index.ts";
import { ELASTIC_EDGES, type ElasticEdgeId, OWN_EDGE } from "../pieces/index.ts";

/** Elastics a garment is made with: each edge says which of them it has. */
export const ELASTIC_PICKS = ["first", "second", "third"] as const;

/** One of {@link ELASTIC_PICKS}. */
export type ElasticPick = (typeof ELASTIC_PICKS)[number];

/** An edge with elastic. mm; null where nothing else is said than pieces, plan and chart say. */
export interface EdgeRow {
  readonly at: ElasticEdgeId;
  /** Its own name: of a pattern from elsewhere, as it is called there. */
  readonly name: string;
  readonly elastic: ElasticPick;
  readonly school: ElasticSchoolId;
  /** ρ; of a leg that of its back, of a band that of its wings. */
  readonly ratio: number | null;
  /** p, kPa. */
  readonly kpa: number | null;
  /** E; of a leg its front. */
  readonly edgeMm: number | null;
  /** Of a leg its back. */
  readonly backMm: number | null;
  /** B. */
  readonly bodyMm: number | null;
}

/** A row of the pattern's own chart of elastics. mm */
export interface ChartRow {
  readonly size: string;
  readonly at: ElasticEdgeId;
  /** Of a pattern's own edge, its name. */
  readonly name: string;
  /** How many of it are cut; null where the chart does not say. */
  readonly count: number | null;
  readonly widthMm: number | null;
  /** As made up, without a join. */
  readonly lengthMm: number | null;
}

/** What the maker enters for the elastics of a job. */
export interface ElasticsWorking {
  readonly first: number | null;
  readonly second: number | null;
  readonly third: number | null;
  readonly joinMm: number | null;
  readonly edges: readonly EdgeRow[];
  /** The size the chart is read at where no size chart of the job chose one. */
  readonly size: string;
  readonly chart: readonly ChartRow[];
  /** How long each edge was when this was kept, mm, by its key: what has moved since is told. */
  readonly keptMm: Readonly<Record<string, number>>;
}

/** Before anything is entered. */
export const NEW_ELASTICS: ElasticsWorking = {
  ...{ first: null, second: null, third: null, joinMm: null, edges: [], size: "", chart: [], keptMm: {} },
};

/** Edges that can be chosen, with their words. */
export const EDGE_CHOICES: readonly { readonly value: string; readonly label: string }[] = [
  ...ELASTIC_EDGES.map(({ id, name }) => ({ value: id, label: name })),
  { value: OWN_EDGE, label: "an edge by its name" },
];

/** No garment has more edges, no chart more rows. */
export const [MOST_EDGES, MOST_CHART_ROWS] = [24, 240] as const;
