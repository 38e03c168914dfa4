import type { ChartRow } from "../../../../core/elastics/index.ts";
import type { LengthUnit } from "../../../../core/units/index.ts";
import { readElasticChartCsv } from "../../../../formats/elastics/elasticChartCsv.ts";
import { readElasticChartJson } from "../../../../formats/elastics/elasticChartJson.ts";
import { type Task, textOf } from "../task.ts";

/** A pattern's chart of elastics, as it lies in a file. */
interface ChartFile {
  readonly kind: "csv" | "json";
  readonly bytes: Uint8Array;
  /** Of numbers without one. */
  readonly unit: LengthUnit;
}

/** The rows of a chart of elastics. */
export const readElasticChart: Task<ChartFile, ChartRow[]> = ({ kind, bytes, unit }) =>
  kind === "csv" ? readElasticChartCsv(textOf(bytes), unit) : readElasticChartJson(textOf(bytes));
