import { type Calculation, small } from "../calculation/index.ts";
import { isBoned } from "../ease/index.ts";
import { ELASTIC_SCHOOLS } from "../elastic/index.ts";
import type { DrawnJob } from "../pieces/index.ts";
import { type ElasticsFacts, elasticsFactsOf } from "./elasticsFacts.ts";
import { type ElasticsReckoning, reckonElastics } from "./reckonElastics.ts";
import { EDGE_CHOICES, type ElasticsWorking, MOST_CHART_ROWS, MOST_EDGES, NEW_ELASTICS } from "./working.ts";

/** Longest edge, widest elastic, mm. */
const [LONGEST_MM, WIDEST_MM] = [3000, 150];

/** The elastics of a garment's edges. */
export const elasticsCalculation: Calculation<ElasticsWorking, ElasticsFacts, ElasticsReckoning, DrawnJob> = {
  step: "elastics",
  fresh: NEW_ELASTICS,
  fields: {
    first: { as: "pick", of: "elastic", label: "First elastic", hint: "Empty: that of the ease plan." },
    second: { as: "pick", of: "elastic", label: "Second elastic" },
    third: { as: "pick", of: "elastic", label: "Third elastic" },
    joinMm: small("One join, lapped", 60, "Empty: 10 mm.", true),
    edges: {
      as: "rows",
      label: "Edges with elastic",
      row: "edge",
      rowBy: ["at"],
      most: MOST_EDGES,
      cells: {
        at: { as: "choice", label: "Edge", choices: EDGE_CHOICES },
        name: { as: "text", label: "Its own name", most: 60 },
        elastic: {
          as: "choice",
          label: "Elastic",
          choices: [
            { value: "first", label: "1st" },
            { value: "second", label: "2nd" },
            { value: "third", label: "3rd" },
          ],
        },
        school: {
          as: "choice",
          label: "Cut",
          choices: ELASTIC_SCHOOLS.map(({ id }) => ({ value: id, label: `by ${id}` })),
        },
        ratio: { as: "number", label: "Ratio", least: 0.3, most: 1.5 },
        kpa: { as: "number", label: "Pressure", least: 0.05, most: 8, suffix: "kPa" },
        edgeMm: { as: "length", label: "Edge", mostMm: LONGEST_MM },
        backMm: { as: "length", label: "Leg, back", mostMm: LONGEST_MM },
        bodyMm: { as: "length", label: "On the body", mostMm: LONGEST_MM },
      },
    },
    size: { as: "text", label: "Size of the pattern", hint: "Empty: as Pattern chose it." },
    chart: {
      as: "rows",
      label: "The pattern's chart",
      row: "chart row",
      rowBy: ["size"],
      most: MOST_CHART_ROWS,
      cells: {
        size: { as: "text", label: "Size", needed: true, most: 30 },
        at: { as: "choice", label: "Edge", choices: EDGE_CHOICES },
        name: { as: "text", label: "Its own name", most: 60 },
        count: { as: "number", label: "Count", least: 1, most: 8 },
        widthMm: { as: "small", label: "Width", mostMm: WIDEST_MM },
        lengthMm: { as: "length", label: "Made up", mostMm: LONGEST_MM },
      },
    },
  },
  unfielded: { keptMm: "amounts" },
  appears: (style) => !isBoned(style),
  facts: elasticsFactsOf,
  reckon: reckonElastics,
};
