export { explainCut, explainPress, explainWorn, JOIN_MM, type RingBySchool, ringBySchools } from "./cutRing.ts";
export { type ElasticRing, elasticRings } from "./rings.ts";
