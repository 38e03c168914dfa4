import type { Reckoned } from "../calculation/index.ts";
import type { ElasticsFacts } from "./elasticsFacts.ts";
import { reckonElastics, startEdges } from "./reckonElastics.ts";
import { type ElasticsWorking, NEW_ELASTICS } from "./working.ts";

/**
 * The elastic of the top edge as it is cut, of the first of its elastics that a garment has; null where none is, or can be cut.
 * @param kept what was entered for the elastics; left out where nothing was yet: then those the drawn edges ask for.
 */
export function waistElastic(kept: ElasticsWorking | undefined, facts: ElasticsFacts): Reckoned | null {
  const working = kept ?? { ...NEW_ELASTICS, edges: startEdges(facts) };
  const { edges, numbers } = reckonElastics(working, facts);
  const top = edges.find(({ ring, chosen }) => chosen && (ring.edge === "waist" || ring.edge === "lowWaist"));
  return numbers.find(({ id }) => id === top?.key) ?? null;
}
