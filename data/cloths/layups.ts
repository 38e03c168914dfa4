import type { Knex } from "knex";
import type { KeptLayer, KeptLayup } from "../../core/cloth/index.ts";
import { insertAll, insertRow, type SaveOutcome, updateVersion } from "../db/index.ts";
import { type ListQuery, type Page, pageByName } from "../lists/index.ts";

interface LayupRow {
  id: number;
  name: string;
  notes: string;
  version: number;
}

interface LayerRow {
  layup_id: number;
  position: number;
  cloth_id: number;
  direction: KeptLayer["direction"];
  role: KeptLayer["role"];
}

/** Layups, with their layers from the outside in. */
export interface LayupRepository {
  list(query: ListQuery): Promise<Page<KeptLayup>>;
  find(id: number): Promise<KeptLayup | null>;
  add(layup: Omit<KeptLayup, "id" | "version">): Promise<number>;
  save(layup: KeptLayup): Promise<SaveOutcome<KeptLayup>>;
}

/** Layups over a transaction (add and save write several rows). */
export function layupRepository(db: Knex): LayupRepository {
  const find = async (id: number) => (await withLayers(db, await db("layups").where({ id })))[0] ?? null;
  return {
    async list(query) {
      const page = await pageByName<LayupRow, LayupRow>(db, "layups", query, (row) => row);
      return { ...page, rows: await withLayers(db, page.rows) };
    },
    find,
    async add({ name, notes, layers }) {
      const id = await insertRow(db, "layups", { name, notes });
      await insertAll(db, "layup_layers", layerColumns(id, layers));
      return id;
    },
    async save(layup) {
      const { id, name, notes, layers } = layup;
      if (!(await updateVersion(db, "layups", layup, { name, notes }))) return { saved: false, theirs: await find(id) };
      await db("layup_layers").where({ layup_id: id }).delete();
      await insertAll(db, "layup_layers", layerColumns(id, layers));
      return { saved: true, value: { ...layup, version: layup.version + 1 } };
    },
  };
}

const layerColumns = (layupId: number, layers: readonly KeptLayer[]) =>
  layers.map(({ clothId, direction, role }, index) => ({
    layup_id: layupId,
    position: index + 1,
    cloth_id: clothId,
    direction,
    role,
  }));

async function withLayers(db: Knex, rows: readonly LayupRow[]): Promise<KeptLayup[]> {
  const layers: LayerRow[] = await db("layup_layers")
    .whereIn(
      "layup_id",
      rows.map(({ id }) => id),
    )
    .orderBy(["layup_id", "position"]);
  return rows.map((row) => ({
    ...row,
    layers: layers
      .filter(({ layup_id }) => layup_id === row.id)
      .map(({ cloth_id, direction, role }) => ({ clothId: cloth_id, direction, role })),
  }));
}
