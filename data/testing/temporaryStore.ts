import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Knex } from "knex";
import { onTestFinished } from "vitest";
import { openDatabase } from "../db/index.ts";
import { type Store, storeOver } from "../store.ts";

/** A folder that is gone when the test is. */
export function temporaryFolder(): string {
  const folder = mkdtempSync(join(tmpdir(), "stenz-test-"));
  onTestFinished(() => rmSync(folder, { recursive: true, force: true }));
  return folder;
}

/** An empty data file of the test's own, with the connection under the store to look at rows. */
export async function temporaryStore(): Promise<{ store: Store; db: Knex; file: string }> {
  const file = join(temporaryFolder(), "stenz.sqlite");
  const db = await openDatabase(file);
  const store = storeOver(db);
  onTestFinished(() => store.close());
  return { store, db, file };
}
