export {
  ELASTIC_EDGES,
  type ElasticEdgeId,
  type ElasticEdgeKind,
  elasticEdgeOf,
  OWN_EDGE,
} from "./elasticEdges.ts";
export { type ElasticRing, elasticRings, type RingPart } from "./rings.ts";
