import { copyFileSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Knex } from "knex";
import { onTestFinished } from "vitest";
import { openDatabase } from "../db/index.ts";
import { addDemoWorkshop } from "../demo/index.ts";
import { openStore, type Store, storeOver } from "../store.ts";
import { temporaryFolder } from "./temporaryStore.ts";

/** The demo workshop as a file, made once for all tests of a process. */
let template: Promise<string> | null = null;

async function makeTemplate(): Promise<string> {
  const folder = mkdtempSync(join(tmpdir(), "stenz-demo-"));
  process.on("exit", () => rmSync(folder, { recursive: true, force: true }));
  const file = join(folder, "demo.sqlite");
  const store = await openStore(file);
  await addDemoWorkshop(store);
  // Closed, all of it stands in the one file and can be copied.
  await store.close();
  return file;
}

/** The demo workshop as a file of the test's own, that nobody holds open. */
export async function demoFile(): Promise<string> {
  template ??= makeTemplate();
  const file = join(temporaryFolder(), "stenz.sqlite");
  copyFileSync(await template, file);
  return file;
}

/** The demo workshop in a data file of the test's own, with the connection under the store to look at rows. */
export async function demoStore(): Promise<{ store: Store; db: Knex }> {
  const db = await openDatabase(await demoFile());
  const store = storeOver(db);
  onTestFinished(() => store.close());
  return { store, db };
}

/** Everything a data file holds, as one text: what an action that was refused must leave as it was. */
export async function contentOf(db: Knex): Promise<string> {
  const tables: { name: string }[] = await db("sqlite_master")
    .where({ type: "table" })
    .whereNot("name", "like", "sqlite_%")
    .whereNot("name", "like", "finding_words%")
    .orderBy("name")
    .select("name");
  const parts = [];
  for (const { name } of tables) parts.push(`${name} ${JSON.stringify(await db(name).select("*"))}`);
  return parts.join("\n");
}
