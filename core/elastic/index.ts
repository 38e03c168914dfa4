export { EDGE_PLACES, type EdgePlace, type EdgePlaceId, edgePlaceOf } from "./edgePlace.ts";
export type { ElasticAt, ElasticTested } from "./elasticEdge.ts";
export { FLUTES_OVER, GATHERS_UNDER, GRIPS_FROM, type JudgedElastic, judgedElastic } from "./judged.ts";
export {
  ELASTIC_SCHOOLS,
  type ElasticChoice,
  type ElasticMade,
  type ElasticSchool,
  type ElasticSchoolId,
  elasticSchoolOf,
} from "./schools/index.ts";
export { type TestedElastic, testedElastic } from "./testedElastic.ts";
