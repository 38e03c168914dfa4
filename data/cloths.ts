import type { Knex } from "knex";
import type { Cloth, SwatchTest } from "../core/cloth/cloth.ts";
import { insertRow, type ListQuery, type Page, pageByName, type SaveOutcome, updateVersion } from "./saving.ts";

interface TestRow {
  id: number;
  cloth_id: number;
  direction: SwatchTest["direction"];
  tested_on: string;
  gauge_mm: number;
  stretched_mm: number;
  after_mm: number | null;
}

/** A cloth in a list, with its tests to judge it by. */
export interface ShelvedCloth extends Cloth {
  readonly tests: readonly SwatchTest[];
}

/** Cloths with their swatch tests. Tests are only ever added. */
export interface ClothRepository {
  list(query: ListQuery): Promise<Page<ShelvedCloth>>;
  find(id: number): Promise<Cloth | null>;
  add(cloth: Omit<Cloth, "id" | "version">): Promise<number>;
  save(cloth: Cloth): Promise<SaveOutcome<Cloth>>;
  /** Newest first. */
  testsOf(clothId: number): Promise<SwatchTest[]>;
  addTest(test: Omit<SwatchTest, "id">): Promise<number>;
}

/** Cloths over a connection or a transaction. */
export function clothRepository(db: Knex): ClothRepository {
  const find = async (id: number) => (await db<Cloth>("cloths").where({ id }).first()) ?? null;
  return {
    async list(query) {
      const page = await pageByName<Cloth, Cloth>(db, "cloths", query, (row) => row);
      const tests = await testsOfAll(
        db,
        page.rows.map(({ id }) => id),
      );
      const rows = page.rows.map((cloth) => ({ ...cloth, tests: tests.filter(({ clothId }) => clothId === cloth.id) }));
      return { ...page, rows };
    },
    find,
    add: ({ name, kind, composition, notes }) => insertRow(db, "cloths", { name, kind, composition, notes }),
    async save(cloth) {
      const { name, kind, composition, notes } = cloth;
      const saved = await updateVersion(db, "cloths", cloth, { name, kind, composition, notes });
      return saved
        ? { saved: true, value: { ...cloth, version: cloth.version + 1 } }
        : { saved: false, theirs: await find(cloth.id) };
    },
    testsOf: (clothId) => testsOfAll(db, [clothId]),
    addTest: ({ clothId, direction, testedOn, gaugeMm, stretchedMm, afterMm }) =>
      insertRow(db, "swatch_tests", {
        cloth_id: clothId,
        direction,
        tested_on: testedOn,
        gauge_mm: gaugeMm,
        stretched_mm: stretchedMm,
        after_mm: afterMm,
      }),
  };
}

async function testsOfAll(db: Knex, clothIds: readonly number[]): Promise<SwatchTest[]> {
  const rows: TestRow[] = await db("swatch_tests").whereIn("cloth_id", clothIds).orderByRaw("tested_on desc, id desc");
  return rows.map(({ id, cloth_id, direction, tested_on, gauge_mm, stretched_mm, after_mm }) => ({
    id,
    clothId: cloth_id,
    direction,
    testedOn: tested_on,
    gaugeMm: gauge_mm,
    stretchedMm: stretched_mm,
    afterMm: after_mm,
  }));
}
