import { createHash } from "node:crypto";
import type { Knex } from "knex";
import type { Cloth, SwatchTest } from "../../core/cloth/index.ts";
import { insertRow, newIdentity, type SaveOutcome, updateVersion } from "../db/index.ts";
import { type ListQuery, type Page, pageByName } from "../lists/index.ts";
import { insertTest, type StepRow, type TestRow, testFrom } from "./swatchRows.ts";

interface ClothRow {
  id: number;
  name: string;
  kind: Cloth["kind"];
  composition: string;
  roll_width_mm: number | null;
  mass_g_per_m2: number | null;
  thickness_mm: number | null;
  shrinkage_along: number | null;
  shrinkage_across: number | null;
  supplier: string;
  elastic_kind: Cloth["elasticKind"];
  finish_allowance_mm: number | null;
  notes: string;
  version: number;
}

/** A cloth in a list, with its tests to judge it by. */
export interface ShelvedCloth extends Cloth {
  readonly tests: readonly SwatchTest[];
}

/** Cloths with their swatch tests. The readings of a test are never changed. */
export interface ClothRepository {
  list(query: ListQuery): Promise<Page<ShelvedCloth>>;
  find(id: number): Promise<Cloth | null>;
  findAll(ids: readonly number[]): Promise<ShelvedCloth[]>;
  /** Elastics of the shelf by name, for a choice; the first {@link MOST_OFFERED}. */
  elastics(): Promise<{ id: number; name: string }[]>;
  add(cloth: Omit<Cloth, "id" | "version">): Promise<number>;
  save(cloth: Cloth): Promise<SaveOutcome<Cloth>>;
  /** Newest first. */
  testsOf(clothId: number): Promise<SwatchTest[]>;
  findTest(id: number): Promise<SwatchTest | null>;
  addTest(test: Omit<SwatchTest, "id">): Promise<number>;
  /** Strikes a test out with a reason, or lets it stand again with null. */
  strikeTest(id: number, reason: string | null): Promise<void>;
  /** Puts the direction of a test right; the one it was first written under is kept beside it. */
  turnTest(id: number, direction: SwatchTest["direction"]): Promise<void>;
  photo(clothId: number): Promise<ClothPhoto | null>;
  /** Word that changes with the photo; null while there is none. */
  photoKey(clothId: number): Promise<string | null>;
  /** Keeps a photo in place of an earlier one; null takes it off. */
  keepPhoto(clothId: number, photo: ClothPhoto | null): Promise<void>;
}

/** Most things offered in one choice. */
const MOST_OFFERED = 200;

/** A photo of a cloth. */
export interface ClothPhoto {
  readonly type: "image/jpeg" | "image/png";
  readonly bytes: Uint8Array;
}

/** Cloths over a connection or a transaction. */
export function clothRepository(db: Knex): ClothRepository {
  const find = async (id: number): Promise<Cloth | null> => {
    const row: ClothRow | undefined = await db("cloths").where({ id }).first();
    return row ? clothFrom(row) : null;
  };
  const withTests = async (cloths: readonly Cloth[]): Promise<ShelvedCloth[]> => {
    const tests = await testsWhere(db, (query) =>
      query.whereIn(
        "cloth_id",
        cloths.map(({ id }) => id),
      ),
    );
    return cloths.map((cloth) => ({ ...cloth, tests: tests.filter(({ clothId }) => clothId === cloth.id) }));
  };
  return {
    async list(query) {
      const page = await pageByName<ClothRow, Cloth>(db, "cloths", query, clothFrom);
      return { ...page, rows: await withTests(page.rows) };
    },
    find,
    findAll: async (ids) => withTests(((await db("cloths").whereIn("id", ids)) as ClothRow[]).map(clothFrom)),
    elastics: () =>
      db("cloths")
        .where({ kind: "elastic" })
        .orderByRaw("name collate nocase")
        .limit(MOST_OFFERED)
        .select("id", "name"),
    add: (cloth) => insertRow(db, "cloths", { ...clothColumns(cloth), identity: newIdentity() }),
    async save(cloth) {
      const saved = await updateVersion(db, "cloths", cloth, clothColumns(cloth));
      return saved
        ? { saved: true, value: { ...cloth, version: cloth.version + 1 } }
        : { saved: false, theirs: await find(cloth.id) };
    },
    testsOf: (clothId) => testsWhere(db, (query) => query.where({ cloth_id: clothId })),
    findTest: async (id) => (await testsWhere(db, (query) => query.where({ id })))[0] ?? null,
    addTest: (test) => insertTest(db, test),
    strikeTest: async (id, reason) => {
      await db("swatch_tests").where({ id }).update({ struck: reason });
    },
    turnTest: async (id, direction) => {
      const was = db.raw("coalesce(direction_was, direction)");
      await db("swatch_tests").where({ id }).whereNot({ direction }).update({ direction, direction_was: was });
    },
    photo: async (clothId) => (await db("cloth_photos").where({ cloth_id: clothId }).first("type", "bytes")) ?? null,
    photoKey: async (clothId) =>
      (await db("cloth_photos").where({ cloth_id: clothId }).first("kept_as"))?.kept_as ?? null,
    async keepPhoto(clothId, photo) {
      await db("cloth_photos").where({ cloth_id: clothId }).delete();
      if (!photo) return;
      const keptAs = createHash("sha256").update(photo.bytes).digest("hex").slice(0, 16);
      await db("cloth_photos").insert({
        cloth_id: clothId,
        type: photo.type,
        kept_as: keptAs,
        bytes: Buffer.from(photo.bytes),
      });
    },
  };
}

async function testsWhere(db: Knex, condition: (query: Knex.QueryBuilder) => Knex.QueryBuilder): Promise<SwatchTest[]> {
  const rows: TestRow[] = await condition(db("swatch_tests")).orderByRaw("tested_on desc, id desc");
  const laddered = rows.filter(({ ladder_form }) => ladder_form !== null).map(({ id }) => id);
  const steps: StepRow[] =
    laddered.length > 0 ? await db("ladder_steps").whereIn("test_id", laddered).orderBy(["test_id", "number"]) : [];
  return rows.map((row) =>
    testFrom(
      row,
      steps.filter(({ test_id }) => test_id === row.id),
    ),
  );
}

const clothFrom = (row: ClothRow): Cloth => ({
  id: row.id,
  name: row.name,
  kind: row.kind,
  composition: row.composition,
  rollWidthMm: row.roll_width_mm,
  massGPerM2: row.mass_g_per_m2,
  thicknessMm: row.thickness_mm,
  shrinkageAlong: row.shrinkage_along,
  shrinkageAcross: row.shrinkage_across,
  supplier: row.supplier,
  elasticKind: row.elastic_kind,
  finishAllowanceMm: row.finish_allowance_mm,
  notes: row.notes,
  version: row.version,
});

const clothColumns = (cloth: Omit<Cloth, "id" | "version">) => ({
  name: cloth.name,
  kind: cloth.kind,
  composition: cloth.composition,
  roll_width_mm: cloth.rollWidthMm,
  mass_g_per_m2: cloth.massGPerM2,
  thickness_mm: cloth.thicknessMm,
  shrinkage_along: cloth.shrinkageAlong,
  shrinkage_across: cloth.shrinkageAcross,
  supplier: cloth.supplier,
  elastic_kind: cloth.elasticKind,
  finish_allowance_mm: cloth.finishAllowanceMm,
  notes: cloth.notes,
});
