import type { Knex } from "knex";
import { insertRow, type SaveOutcome, updateVersion } from "../db/index.ts";

/** Dated records that belong to a wearer: garments that fit, body wraps. */
export interface WearerRecords<T> {
  /** Newest first. */
  ofWearer(wearerId: number): Promise<T[]>;
  find(id: number): Promise<T | null>;
  add(record: Omit<T, "id" | "version">): Promise<number>;
  save(record: T): Promise<SaveOutcome<T>>;
  remove(id: number): Promise<void>;
}

/** How a kind of record lies in its table. */
export interface WearerTable<T, Row> {
  readonly table: string;
  /** Column of the day it was taken on. */
  readonly dayColumn: string;
  fromRow(row: Row): T;
  toColumns(record: Omit<T, "id" | "version">): Record<string, unknown>;
}

/** Records of wearers over a connection or a transaction. */
export function wearerRecords<T extends { readonly id: number; readonly version: number }, Row>(
  db: Knex,
  { table, dayColumn, fromRow, toColumns }: WearerTable<T, Row>,
): WearerRecords<T> {
  const where = async (condition: Record<string, unknown>): Promise<T[]> => {
    const rows: Row[] = await db(table)
      .where(condition)
      .orderBy([
        { column: dayColumn, order: "desc" },
        { column: "id", order: "desc" },
      ]);
    return rows.map(fromRow);
  };
  const find = async (id: number) => (await where({ id }))[0] ?? null;
  return {
    ofWearer: (wearerId) => where({ wearer_id: wearerId }),
    find,
    add: (record) => insertRow(db, table, toColumns(record)),
    async save(record) {
      const saved = await updateVersion(db, table, record, toColumns(record));
      return saved
        ? { saved: true, value: { ...record, version: record.version + 1 } }
        : { saved: false, theirs: await find(record.id) };
    },
    async remove(id) {
      await db(table).where({ id }).delete();
    },
  };
}
