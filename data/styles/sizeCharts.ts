import type { Knex } from "knex";
import type { SizeChart } from "../../core/ease/index.ts";
import { readChartSizes } from "../../formats/kept/columns.ts";
import { insertRow, readColumn, type SaveOutcome, updateVersion } from "../db/index.ts";
import { type ListQuery, type Page, pageByName } from "../lists/index.ts";

interface SizeChartRow {
  id: number;
  name: string;
  notes: string;
  ease: SizeChart["ease"];
  own_reduction: number | null;
  sizes: string;
  version: number;
}

/** Size charts of graded patterns. */
export interface SizeChartRepository {
  list(query: ListQuery): Promise<Page<SizeChart>>;
  find(id: number): Promise<SizeChart | null>;
  add(chart: Omit<SizeChart, "id" | "version">): Promise<number>;
  save(chart: SizeChart): Promise<SaveOutcome<SizeChart>>;
}

/** Size charts over a connection or a transaction. */
export function sizeChartRepository(db: Knex): SizeChartRepository {
  const find = async (id: number) => {
    const row: SizeChartRow | undefined = await db("size_charts").where({ id }).first();
    return row ? fromRow(row) : null;
  };
  return {
    list: (query) => pageByName<SizeChartRow, SizeChart>(db, "size_charts", query, fromRow),
    find,
    add: (chart) => insertRow(db, "size_charts", toColumns(chart)),
    async save(chart) {
      const saved = await updateVersion(db, "size_charts", chart, toColumns(chart));
      return saved
        ? { saved: true, value: { ...chart, version: chart.version + 1 } }
        : { saved: false, theirs: await find(chart.id) };
    },
  };
}

const fromRow = ({ own_reduction, sizes, ...row }: SizeChartRow): SizeChart => ({
  ...row,
  ownReduction: own_reduction,
  sizes: readColumn(readChartSizes, sizes),
});

const toColumns = (chart: Omit<SizeChart, "id" | "version">) => ({
  name: chart.name,
  notes: chart.notes,
  ease: chart.ease,
  own_reduction: chart.ownReduction,
  sizes: JSON.stringify(chart.sizes),
});
