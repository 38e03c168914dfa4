import type { Knex } from "knex";
import type { Wearer } from "../../core/body/index.ts";
import { insertRow, newIdentity, type SaveOutcome, updateVersion } from "../db/index.ts";
import { type ListQuery, type Page, pageByName } from "../lists/index.ts";

type NewWearer = Omit<Wearer, "id" | "version">;

interface WearerRow extends Omit<Wearer, "child"> {
  child: number;
}

/** Wearers. */
export interface WearerRepository {
  list(query: ListQuery): Promise<Page<Wearer>>;
  find(id: number): Promise<Wearer | null>;
  add(wearer: NewWearer): Promise<number>;
  save(wearer: Wearer): Promise<SaveOutcome<Wearer>>;
}

/** Wearers over a connection or a transaction. */
export function wearerRepository(db: Knex): WearerRepository {
  const find = async (id: number): Promise<Wearer | null> => {
    const row: WearerRow | undefined = await db("wearers").where({ id }).first();
    return row ? fromRow(row) : null;
  };
  return {
    list: (query) => pageByName<WearerRow, Wearer>(db, "wearers", query, fromRow),
    find,
    add: (wearer) => insertRow(db, "wearers", { ...columns(wearer), identity: newIdentity() }),
    async save(wearer) {
      const saved = await updateVersion(db, "wearers", wearer, columns(wearer));
      return saved
        ? { saved: true, value: { ...wearer, version: wearer.version + 1 } }
        : { saved: false, theirs: await find(wearer.id) };
    },
  };
}

const fromRow = ({ id, name, kind, child, allergies, notes, version }: WearerRow): Wearer => ({
  ...{ id, name, kind, child: child === 1, allergies, notes, version },
});

const columns = ({ name, kind, child, allergies, notes }: NewWearer) => ({
  name,
  kind,
  child: child ? 1 : 0,
  allergies,
  notes,
});
