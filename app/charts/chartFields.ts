import { CHART_MEASURES, type ChartKind, type ChartMeasure, type SizeChart } from "../../core/ease/index.ts";
import { numberText, percentText } from "../form/numberText.ts";
import { inRow, withRows } from "../form/rows/withRows.ts";
import type { Fields } from "../form/unsaved.ts";

/** Rows that stand ready in a new chart, and the most a chart has. */
const READY_ROWS = 8;
export const MOST_ROWS = 24;

/** Name of the list of sizes, and of the fields of one, counted from 0. */
export const SIZES = "sizes";
export const sizeField = (row: number): string => inRow(SIZES, row, "name");
export const girthField = (row: number, kind: ChartKind, zone: ChartMeasure): string =>
  inRow(SIZES, row, `${kind}.${zone}`);

/** The fields a new chart is filled in from. */
export const NEW_CHART: Fields = withRows({}, SIZES, "name", READY_ROWS);

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
