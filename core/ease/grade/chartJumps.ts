import { CHART_MEASURE_NAMES, CHART_MEASURES, type ChartKind, type ChartMeasure, type SizeChart } from "./sizeChart.ts";

/** A girth of a chart stands off its neighbours by more than this part of them: no grading steps so far. */
export const JUMP_PART = 0.15;

/** A girth of a chart that jumps out of its column. mm */
export interface ChartJump {
  /** Its row, from 0. */
  readonly row: number;
  readonly kind: ChartKind;
  readonly measure: ChartMeasure;
  readonly mm: number;
  /** What its neighbours lead one to expect. */
  readonly expectedMm: number;
}

const KINDS: readonly ChartKind[] = ["body", "finished"];

/**
 * Girths that stand off what the sizes beside them lead one to expect: a digit doubled or turned. An inner size is held against the
 * middle of its neighbours; the first and the last against the step of the next two. Sizes without that girth are passed over.
 */
export const chartJumps = ({ sizes }: Pick<SizeChart, "sizes">): ChartJump[] =>
  KINDS.flatMap((kind) =>
    CHART_MEASURES.flatMap((measure): ChartJump[] => {
      const column = sizes.flatMap((size, row) => {
        const mm = size[kind][measure];
        return mm === undefined ? [] : [{ row, mm }];
      });
      const jumps = column.flatMap(({ row, mm }, at): ChartJump[] => {
        const expectedMm = expectedAt(
          column.map((one) => one.mm),
          at,
        );
        return expectedMm !== null && Math.abs(mm - expectedMm) > JUMP_PART * expectedMm
          ? [{ row, kind, measure, mm, expectedMm }]
          : [];
      });
      // A jump puts its neighbours in doubt too: the inner one that is farthest off is named, an end where no inner one is.
      const ends = [column[0]?.row, column.at(-1)?.row];
      const inner = jumps.filter(({ row }) => !ends.includes(row));
      return (inner.length > 0 ? inner : jumps).toSorted((a, b) => offBy(b) - offBy(a)).slice(0, 1);
    }),
  );

const offBy = ({ mm, expectedMm }: ChartJump): number => Math.abs(mm - expectedMm) / expectedMm;

function expectedAt(column: readonly number[], at: number): number | null {
  const [before, after] = [column[at - 1], column[at + 1]];
  if (before !== undefined && after !== undefined) return (before + after) / 2;
  const [near, far] = before === undefined ? [after, column[at + 2]] : [before, column[at - 2]];
  return near === undefined || far === undefined ? null : 2 * near - far;
}

/** What is asked of a girth that jumps, its lengths as the reader writes them. */
export const jumpWords = ({ measure, mm, expectedMm }: ChartJump, written: (mm: number) => string): string =>
  `${CHART_MEASURE_NAMES[measure]}: ${written(mm)}, where the sizes beside it lead to some ${written(expectedMm)}. A digit too many, or turned?`;
