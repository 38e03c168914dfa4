import type { Knex } from "knex";
import type { BodyWrap } from "../../core/torso/index.ts";
import { readWrapEdges } from "../../formats/kept/columns.ts";
import { readColumn } from "../db/index.ts";
import { type WearerRecords, wearerRecords } from "./wearerRecords.ts";

interface BodyWrapRow {
  id: number;
  wearer_id: number;
  name: string;
  taken_on: string;
  notes: string;
  edges: string;
  version: number;
}

/** Body wraps, by wearer. */
export type BodyWrapRepository = WearerRecords<BodyWrap>;

/** Body wraps over a connection or a transaction. */
export const bodyWrapRepository = (db: Knex): BodyWrapRepository =>
  wearerRecords<BodyWrap, BodyWrapRow>(db, { table: "body_wraps", dayColumn: "taken_on", fromRow, toColumns });

const fromRow = ({ wearer_id, taken_on, edges, ...row }: BodyWrapRow): BodyWrap => ({
  ...row,
  wearerId: wearer_id,
  takenOn: taken_on,
  edges: readColumn(readWrapEdges, edges),
});

const toColumns = (wrap: Omit<BodyWrap, "id" | "version">) => ({
  wearer_id: wrap.wearerId,
  name: wrap.name,
  taken_on: wrap.takenOn,
  notes: wrap.notes,
  edges: JSON.stringify(wrap.edges),
});
