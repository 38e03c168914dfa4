import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Knex } from "knex";
import { SAMPLE_CLOTH, SAMPLE_TEST } from "../../core/testing/index.ts";
import { insertAll, openDatabase } from "../../data/db/index.ts";
import { type Store, storeOver } from "../../data/store.ts";
import { type Figure, type Figures, quantile } from "./report.ts";

const WEARERS = 5000;
const CLOTHS = 5000;
const TESTS_PER_CLOTH = 10;
const ROUNDS = 100;

/** Lists with 5,000 wearers, 5,000 cloths and 50,000 tests: a page, a search and a last page, each over and over. */
export async function* figures(): Figures {
  const folder = mkdtempSync(join(tmpdir(), "stenz-bench-"));
  const db = await openDatabase(join(folder, "bench.sqlite"));
  const store = storeOver(db);
  try {
    await fill(db);
    const wearers = (search: string, page: number) => store.wearers.list({ search, page });
    const cloths = (search: string, page: number) => store.cloths.list({ search, page });
    yield await timed("list of 5,000 wearers, a page", (round) => wearers("", (round % 100) + 1));
    yield await timed("list of 5,000 wearers, a search", (round) => wearers(`er 4${round % 10}`, 1));
    yield await timed("list of 5,000 cloths with 50,000 tests, a page", (round) => cloths("", (round % 100) + 1));
    yield await timed("list of 5,000 cloths with 50,000 tests, a search", (round) => cloths(`th 4${round % 10}`, 1));
    yield await timed("one cloth with its tests", (round) => oneCloth(store, (round % CLOTHS) + 1));
    yield* plansOf(db);
  } finally {
    await store.close();
    rmSync(folder, { recursive: true, force: true });
  }
}

async function fill(db: Knex): Promise<void> {
  const number = (index: number) => String(index).padStart(4, "0");
  await db.transaction(async (transaction) => {
    const wearers = Array.from({ length: WEARERS }, (_, index) => ({
      name: `Wearer ${number(index)}`,
      kind: "person",
    }));
    const cloths = Array.from({ length: CLOTHS }, (_, index) => ({
      name: `Cloth ${number(index)}`,
      kind: SAMPLE_CLOTH.kind,
    }));
    await insertAll(transaction, "wearers", wearers);
    await insertAll(transaction, "cloths", cloths);
    const tests = Array.from({ length: CLOTHS * TESTS_PER_CLOTH }, (_, index) => ({
      cloth_id: Math.floor(index / TESTS_PER_CLOTH) + 1,
      direction: index % 2 === 0 ? "across" : "along",
      tested_on: SAMPLE_TEST.testedOn,
      hand_gauge_mm: 100,
      hand_stretched_mm: 160,
      hand_after_mm: 104,
    }));
    await insertAll(transaction, "swatch_tests", tests);
  });
}

const oneCloth = async (store: Store, id: number) => [await store.cloths.find(id), await store.cloths.testsOf(id)];

async function timed(name: string, work: (round: number) => Promise<unknown>): Promise<Figure> {
  const samples: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const from = performance.now();
    await work(round);
    samples.push(performance.now() - from);
  }
  return { name: `${name}, 95 of 100`, value: quantile(samples, 0.95), unit: "ms", under: 25 };
}

/** How SQLite goes about the queries: a list is read along its index, tests are found by theirs. */
async function* plansOf(db: Knex): AsyncGenerator<string> {
  const queries = [
    "select * from wearers order by name collate nocase, id limit 50 offset 2500",
    "select * from cloths order by name collate nocase, id limit 50 offset 2500",
    "select * from swatch_tests where cloth_id in (1, 2, 3)",
  ];
  for (const query of queries) {
    const steps: { detail: string }[] = await db.raw(`explain query plan ${query}`);
    yield `  ${query}\n    ${steps.map(({ detail }) => detail).join("; ")}`;
  }
}
