import type { Knex } from "knex";
import type { BodyWrap } from "../core/torso/bodyWrap.ts";
import { insertRow, type SaveOutcome, updateVersion } from "./saving.ts";

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
export interface BodyWrapRepository {
  /** Newest first. */
  ofWearer(wearerId: number): Promise<BodyWrap[]>;
  find(id: number): Promise<BodyWrap | null>;
  add(wrap: Omit<BodyWrap, "id" | "version">): Promise<number>;
  save(wrap: BodyWrap): Promise<SaveOutcome<BodyWrap>>;
  remove(id: number): Promise<void>;
}

/** Body wraps over a connection or a transaction. */
export function bodyWrapRepository(db: Knex): BodyWrapRepository {
  const where = async (condition: Record<string, unknown>): Promise<BodyWrap[]> => {
    const rows: BodyWrapRow[] = await db("body_wraps")
      .where(condition)
      .orderBy([
        { column: "taken_on", order: "desc" },
        { column: "id", order: "desc" },
      ]);
    return rows.map(fromRow);
  };
  const find = async (id: number) => (await where({ id }))[0] ?? null;
  return {
    ofWearer: (wearerId) => where({ wearer_id: wearerId }),
    find,
    add: (wrap) => insertRow(db, "body_wraps", toColumns(wrap)),
    async save(wrap) {
      const saved = await updateVersion(db, "body_wraps", wrap, toColumns(wrap));
      return saved
        ? { saved: true, value: { ...wrap, version: wrap.version + 1 } }
        : { saved: false, theirs: await find(wrap.id) };
    },
    async remove(id) {
      await db("body_wraps").where({ id }).delete();
    },
  };
}

const fromRow = ({ wearer_id, taken_on, edges, ...row }: BodyWrapRow): BodyWrap => ({
  ...row,
  wearerId: wearer_id,
  takenOn: taken_on,
  edges: JSON.parse(edges),
});

const toColumns = (wrap: Omit<BodyWrap, "id" | "version">) => ({
  wearer_id: wrap.wearerId,
  name: wrap.name,
  taken_on: wrap.takenOn,
  notes: wrap.notes,
  edges: JSON.stringify(wrap.edges),
});
