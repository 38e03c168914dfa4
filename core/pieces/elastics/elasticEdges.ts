import type { Zone } from "../../ease/index.ts";
import type { EdgePlaceId } from "../../elastic/index.ts";

/** An edge of a garment that elastic goes along. */
export interface ElasticEdgeKind {
  readonly id: string;
  readonly name: string;
  /** Its parts from where it starts, each with a ratio of its own. */
  readonly places: readonly [EdgePlaceId, ...EdgePlaceId[]];
  /** How many a garment has, while both sides are alike. */
  readonly count: 1 | 2;
  /** The ring of the ease plan it must pass with when it is put on; null where it passes nothing larger than it lies on. */
  readonly passes: readonly Zone[];
  /** Zones of a pattern's chart whose size it has; between two where it lies between them. */
  readonly sizedBy: readonly Zone[];
}

/** Every edge, in the order they are sewn; adding one is adding a line. */
export const ELASTIC_EDGES = [
  { id: "leg", name: "leg edge", places: ["legFront", "legBack"], count: 2, passes: [], sizedBy: ["hip"] },
  { id: "waist", name: "waist", places: ["waist"], count: 1, passes: ["waist"], sizedBy: ["waist"] },
  {
    ...{ id: "lowWaist", name: "low scoop waist", places: ["lowWaist"], count: 1 },
    ...{ passes: ["waist", "highHip"], sizedBy: ["waist", "hip"] },
  },
  {
    ...{ id: "neckStraight", name: "straight or scooped neckline", places: ["neckStraight"], count: 1 },
    ...{ passes: ["overbust"], sizedBy: ["overbust", "bust"] },
  },
  {
    ...{ id: "neckDeep", name: "V or deep neckline, one side", places: ["neckDeep"], count: 2 },
    ...{ passes: [], sizedBy: ["overbust", "bust"] },
  },
  { id: "armhole", name: "armhole", places: ["armhole"], count: 2, passes: [], sizedBy: ["overbust", "bust"] },
  {
    ...{ id: "underbust", name: "lower edge of the band", places: ["underbust"], count: 1 },
    ...{ passes: ["underbust"], sizedBy: ["underbust"] },
  },
  { id: "cutOut", name: "cut-out or open back", places: ["cutOut"], count: 1, passes: [], sizedBy: ["bust"] },
] as const satisfies readonly ElasticEdgeKind[];

/** An edge of a pattern from elsewhere, by its own name. */
export const OWN_EDGE = "own";

/** One of {@link ELASTIC_EDGES}, or {@link OWN_EDGE}. */
export type ElasticEdgeId = (typeof ELASTIC_EDGES)[number]["id"] | typeof OWN_EDGE;

/** A kind of edge by its name; null where there is none. */
export const elasticEdgeOf = (id: string): ElasticEdgeKind | null => ELASTIC_EDGES.find((one) => one.id === id) ?? null;
