import { CHART_MEASURES, type ChartKind, type ChartMeasure, type SizeChart } from "../../core/ease/index.ts";
import { numberText, percentText } from "../form/numberField.ts";
import type { Fields } from "../form/unsaved.ts";

/** Rows a chart's form shows at least, and at most. */
export const LEAST_ROWS = 8;
export const MOST_ROWS = 24;

/** Names of the fields of a chart, rows counted from 0. */
export const sizeField = (row: number): string => `size.${row}`;
export const girthField = (row: number, kind: ChartKind, zone: ChartMeasure): string => `${kind}.${zone}.${row}`;

/** The fields a chart is edited from, girths in centimetres. */
export const chartFields = ({ name, notes, ease, ownReduction, sizes }: Omit<SizeChart, "id" | "version">): Fields => ({
  name,
  notes,
  ease,
  ownReduction: percentText(ownReduction),
  unit: "cm",
  ...Object.fromEntries(
    sizes.flatMap((size, row) => [
      [sizeField(row), size.name],
      ...(["body", "finished"] as const).flatMap((kind) =>
        CHART_MEASURES.flatMap((zone) => {
          const mm = size[kind][zone];
          return mm === undefined ? [] : [[girthField(row, kind, zone), numberText(mm / 10)]];
        }),
      ),
    ]),
  ),
});
