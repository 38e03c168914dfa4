import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import type { Knex } from "knex";
import { describe, expect, it } from "vitest";
import { sampleFrozen } from "../../../core/testing/index.ts";
import { storeOver } from "../../store.ts";
import { temporaryFolder, temporaryStore } from "../../testing/index.ts";
import { DamagedDataFileError, DataFileInUseError, NewerDataFileError } from "../dataFileErrors.ts";
import { openDatabase } from "../openDatabase.ts";
import { assertContiguous, MIGRATIONS } from "./index.ts";

const tables = async (db: Knex): Promise<string[]> => {
  const rows: { name: string }[] = await db("sqlite_master").where({ type: "table" }).orderBy("name").select("name");
  return rows.map(({ name }) => name).filter((name) => !name.startsWith("sqlite_") && !name.startsWith("knex_"));
};

describe("migrations", () => {
  it("make an empty file whole", async () => {
    const { db } = await temporaryStore();
    expect((await tables(db)).join(" ")).toBe(
      "annotations body_wraps changes check_answers cloth_photos cloths drafts finding_words finding_words_config finding_words_data finding_words_docsize finding_words_idx findings fitting_checks fitting_photos fittings job_edit_rows job_edits job_workings jobs judgements ladder_steps layup_layers layups liked_garments measure_links own_styles prototype_pieces prototypes readings received settings sewn_lengths sewn_rings sheet_not_taken sheet_values sheets size_charts spent_numbers standing_changes swatch_tests wearers",
    );
  });

  it.each([1, 2, 3])("bring a file of the first %d up to date and keep its rows", async (count) => {
    const file = join(temporaryFolder(), "older.sqlite");
    const older = await openDatabase(file, MIGRATIONS.slice(0, count));
    await older.raw("insert into wearers (name, kind) values ('Ilva', 'person')");
    await older.raw("insert into sheets (wearer_id, taken_on, unit, tape) values (1, '2026-01-02', 'cm', 'snug')");
    await older.raw("insert into sheet_values values (1, 'waist', 'single', '74.2', 742)");
    await older.raw("insert into cloths (name, kind) values ('Heron', 'knit')");
    await older.raw(
      "insert into swatch_tests (cloth_id, direction, tested_on, gauge_mm, stretched_mm, after_mm) values (1, 'across', '2026-01-03', 100, 160, 104)",
    );
    await older.destroy();
    const store = storeOver(await openDatabase(file));
    const [sheet] = await store.sheets.ofWearer(1);
    const [test] = await store.cloths.testsOf(1);
    const wearer = await store.wearers.find(1);
    await store.close();
    expect(sheet?.values).toEqual([{ code: "waist", side: "single", text: "74.2", mm: 742 }]);
    expect(test).toMatchObject({ state: "new", hand: { gaugeMm: 100, stretchedMm: 160, afterMm: 104 }, ladder: null });
    expect(wearer).toMatchObject({ name: "Ilva", child: false, allergies: "" });
  });

  it("keep a prototype that was frozen before swatches had ladders", async () => {
    const file = join(temporaryFolder(), "older.sqlite");
    const older = await openDatabase(file, MIGRATIONS.slice(0, 3));
    await older.raw("insert into wearers (name, kind) values ('Ilva', 'person')");
    await older.raw(
      "insert into jobs (name, style, wearer_id, girth_direction) values ('Brief', 'brief', 1, 'across')",
    );
    const { test, ...rest } = sampleFrozen();
    const frozen = {
      ...rest,
      test: { id: test.id, direction: "across", testedOn: test.testedOn, gaugeMm: 100, stretchedMm: 162, afterMm: 104 },
    };
    await older("prototypes").insert({
      job_id: 1,
      number: 1,
      kind: "sewn",
      started_on: "2026-01-04",
      frozen: JSON.stringify(frozen),
    });
    await older.destroy();
    const store = storeOver(await openDatabase(file));
    const prototype = await store.prototypes.find(1, 1);
    await store.close();
    expect(prototype?.frozen).toEqual(frozen);
  });

  it("bring findings, words and judgements of an older file along, and close what is history", async () => {
    const file = join(temporaryFolder(), "older.sqlite");
    const older = await openDatabase(file, MIGRATIONS.slice(0, 8));
    await older.raw("insert into wearers (name, kind) values ('Ilva', 'person')");
    await older.raw(
      "insert into jobs (name, style, wearer_id, girth_direction) values ('Brief', 'brief', 1, 'across')",
    );
    const frozen = JSON.stringify(sampleFrozen());
    for (const number of [1, 2]) {
      await older("prototypes").insert({
        job_id: 1,
        number,
        kind: "sewn",
        started_on: `2026-01-0${number + 3}`,
        frozen,
      });
      await older("fittings").insert({ prototype_id: number, fitted_on: `2026-01-0${number + 3}`, worn_by: "wearer" });
    }
    const finding = { kind: "loose", zone: "waist", side: "both", view: "back", x: 0.5, y: 0.4, folded: 0 };
    await older("findings").insert({ ...finding, fitting_id: 1, typed: "24 mm", amount_mm: 24 });
    const change = { decision: "accepted", share: 0.65, proposed_mm: -13.7, amount_mm: -13.7, seams: 2, cut_into: 2 };
    await older("changes").insert({ ...change, finding_id: 1 });
    await older("judgements").insert({ finding_id: 1, fitting_id: 2, residual_mm: 2, verdict: "cured" });
    await older("readings").insert({ fitting_id: 1, zone: "waist", kind: "lift", typed: "1.9", newtons: 1.9 });
    await older.destroy();
    const store = storeOver(await openDatabase(file));
    const prototypes = await store.prototypes.ofJob(1);
    const [fitting] = await store.fittings.ofPrototypes([1]);
    const searched = await store.searchFindings({ words: "waist", kind: null, spot: null, usable: null });
    const outcomes = await store.fittings.outcomesIn({ from: 0, to: 9 });
    await store.close();
    expect(prototypes.map(({ closedOn }) => closedOn)).toEqual(["2026-01-05", null]);
    expect(fitting?.findings).toMatchObject([
      {
        spot: "waist",
        amountMm: 24,
        change: { on: "girth", amountMm: -13.7, cutInto: 2, zone: "waist" },
        judgement: { residualMm: 2, verdict: "cured" },
      },
    ]);
    expect(fitting?.readings).toMatchObject([{ newtons: 1.9, liftMm: null, side: "both" }]);
    expect(searched.rows.map(({ id }) => id)).toEqual([1]);
    expect(outcomes).toHaveLength(1);
  });

  it("refuse a file of a newer version and leave it alone", async () => {
    const file = join(temporaryFolder(), "newer.sqlite");
    const future = { name: `${String(MIGRATIONS.length + 1).padStart(4, "0")}_future`, up: async () => undefined };
    await (await openDatabase(file, [...MIGRATIONS, future])).destroy();
    await expect(openDatabase(file)).rejects.toThrow(NewerDataFileError);
    await (await openDatabase(file, [...MIGRATIONS, future])).destroy();
  });

  it("leave a file alone that another program holds, and say so", async () => {
    const file = join(temporaryFolder(), "held.sqlite");
    const holding = await openDatabase(file);
    await expect(openDatabase(file)).rejects.toThrow(DataFileInUseError);
    await holding.destroy();
    await (await openDatabase(file)).destroy();
  });

  it("refuse a damaged file with a plain sentence, before anything is read from it", async () => {
    const file = join(temporaryFolder(), "damaged.sqlite");
    const whole = await openDatabase(file);
    for (let count = 0; count < 200; count += 1)
      await whole.raw("insert into wearers (name, kind) values (?, 'person')", [`W ${count} ${"x".repeat(300)}`]);
    await whole.destroy();
    const bytes = readFileSync(file);
    bytes.fill(0x5a, Math.floor(bytes.length / 2), Math.floor(bytes.length / 2) + 40_000);
    writeFileSync(file, bytes);
    await expect(openDatabase(file)).rejects.toThrow(DamagedDataFileError);
    writeFileSync(file, "no database at all, but long enough to look like one".repeat(100));
    await expect(openDatabase(file)).rejects.toThrow(DamagedDataFileError);
  });

  it("are contiguous, and a gap is found when the list is loaded", () => {
    expect(() => assertContiguous(MIGRATIONS)).not.toThrow();
    expect(() => assertContiguous([MIGRATIONS[0], MIGRATIONS[2]].flatMap((one) => one ?? []))).toThrow(
      "Expected migration 0002",
    );
  });
});

it("keeps what was saved through a power cut: write-ahead log, full sync, foreign keys", async () => {
  const { db } = await temporaryStore();
  const pragma = async (name: string) => Object.values((await db.raw(`pragma ${name}`))[0])[0];
  expect([await pragma("journal_mode"), await pragma("synchronous"), await pragma("foreign_keys")]).toEqual([
    "wal",
    2,
    1,
  ]);
});
