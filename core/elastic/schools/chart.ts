import { fail, ok } from "../../result.ts";
import type { ElasticSchool } from "./school.ts";

/** By the pattern's own chart. */
export const chart: ElasticSchool = {
  id: "chart",
  name: "By the pattern's chart",
  formula: "made as the chart has it",
  makes: (_, __, { chartMm }) =>
    chartMm === null
      ? fail("no-chart-row", "Expected a length of the pattern's chart for this edge and size, but it has none.")
      : ok({ madeMm: chartMm, notes: [] }),
};
