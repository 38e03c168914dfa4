export { elasticsCalculation } from "./calculation.ts";
export { type ChartLength, chartLength } from "./chartLength.ts";
export { type RingBySchool, ringBySchools, type SchoolAnswer } from "./cutRing.ts";
export type { EdgeElastic, StaleElastic } from "./edgeElastic.ts";
export type { ElasticsFacts } from "./elasticsFacts.ts";
export { ELASTIC_NUMBERS, type ElasticNumber } from "./explainElastic.ts";
export { type ElasticsReckoning, edgesNow, MOVED_MM, startEdges } from "./reckonElastics.ts";
export { stretchedPartMm } from "./stretchedPart.ts";
export { type ElasticTotal, SPARE } from "./totals.ts";
export { waistElastic } from "./waistElastic.ts";
export {
  type ChartRow,
  type EdgeRow,
  type ElasticsWorking,
  MOST_CHART_ROWS,
  NEW_ELASTICS,
} from "./working.ts";
