import type { Knex } from "knex";
import type { StandingChange } from "../../core/fitting/index.ts";
import { insertRow } from "../db/index.ts";

/** Standing changes of wearers and of patterns. */
export interface StandingRepository {
  /** Those a job is offered: its wearer's and its pattern's. */
  forJob(wearerId: number, chartId: number | null): Promise<StandingChange[]>;
  add(change: Omit<StandingChange, "id">): Promise<number>;
  /** Takes one off the list; false where there is none. */
  remove(id: number): Promise<boolean>;
}

interface StandingRow {
  id: number;
  wearer_id: number | null;
  chart_id: number | null;
  acts_on: StandingChange["on"];
  spot: StandingChange["spot"];
  zone: StandingChange["zone"];
  side: StandingChange["side"];
  length_id: string;
  pieces: string;
  line: string;
  amount_mm: number | null;
  content: string;
  made_on: string;
}

/** Standing changes over a connection or a transaction. */
export function standingRepository(db: Knex): StandingRepository {
  return {
    async forJob(wearerId, chartId) {
      const rows: StandingRow[] = await db("standing_changes")
        .where({ removed: 0 })
        .where((query) => {
          query.where({ wearer_id: wearerId });
          if (chartId !== null) query.orWhere({ chart_id: chartId });
        })
        .orderBy("id");
      return rows.map(fromRow);
    },
    add: (change) =>
      insertRow(db, "standing_changes", {
        wearer_id: change.wearerId,
        chart_id: change.chartId,
        acts_on: change.on,
        spot: change.spot,
        zone: change.zone,
        side: change.side,
        length_id: change.lengthId,
        pieces: change.pieces,
        line: change.line,
        amount_mm: change.amountMm,
        content: change.words,
        made_on: change.madeOn,
      }),
    async remove(id) {
      return (await db("standing_changes").where({ id, removed: 0 }).update({ removed: 1 })) === 1;
    },
  };
}

const fromRow = (row: StandingRow): StandingChange => ({
  id: row.id,
  wearerId: row.wearer_id,
  chartId: row.chart_id,
  on: row.acts_on,
  spot: row.spot,
  zone: row.zone,
  side: row.side,
  lengthId: row.length_id,
  pieces: row.pieces,
  line: row.line,
  amountMm: row.amount_mm,
  words: row.content,
  madeOn: row.made_on,
});
