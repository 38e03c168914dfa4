/** What the commands ask of a data file before they touch it. */
import { existsSync } from "node:fs";

/** How long another program is waited for, ms. */
const PATIENCE_MS = 1000;

/** Opens a file with SQLite, gives it to the work and closes it. */
async function withFile(file, options, work) {
  const { default: Database } = await import("better-sqlite3");
  const db = new Database(file, { timeout: PATIENCE_MS, ...options });
  try {
    return work(db);
  } finally {
    db.close();
  }
}

/** True for a failure that means another program holds the file. */
export const isHeld = (cause) => /^SQLITE_(?:BUSY|LOCKED)/.test(cause?.code ?? "");

/** Ends the process with a plain sentence where another program holds a data file. */
export async function assertFree(file) {
  if (!existsSync(file)) return;
  try {
    await withFile(file, {}, (db) => db.exec("begin exclusive; rollback"));
  } catch (cause) {
    // What is no database any more may well be made anew.
    if (!isHeld(cause)) return;
    console.error(
      `Stenz did not start: ${file} is in use by a Stenz that is already running. Use that one, stop it first, or start with another --data folder.`,
    );
    process.exit(1);
  }
}

/**
 * Looks at every page, index and reference of a data file.
 * @returns {Promise<string[]>} what is wrong; empty for a whole file.
 */
export const faultsOf = (file) =>
  withFile(file, { readonly: true, fileMustExist: true }, (db) => [
    ...db
      .pragma("integrity_check")
      .map(({ integrity_check: words }) => words)
      .filter((words) => words !== "ok"),
    ...db
      .pragma("foreign_key_check")
      .map(({ table, rowid, parent }) => `${table} ${rowid} refers to something of ${parent} that is not there`),
  ]);
