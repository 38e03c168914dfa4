import { mkdirSync } from "node:fs";
import { dirname } from "node:path";
import knex, { type Knex } from "knex";
import { migrationSource } from "./migrations/index.ts";
import type { Migration } from "./migrations/migration.ts";

/** The data file was made by a newer version of Stenz than this one. */
export class NewerDataFileError extends Error {
  override readonly name = "NewerDataFileError";
  readonly code = "newer-data-file";
}

/** What SQLite's driver gives to `afterCreate`. */
interface Connection {
  pragma(text: string): unknown;
}

/**
 * Opens (or makes) the data file and brings it up to date.
 *
 * Write-ahead log, foreign keys on, `synchronous=FULL`: a saved action survives a power cut. One connection, since
 * SQLite has one writer and the driver does not wait in the background.
 *
 * @param file path of the data file; missing folders are made.
 * @param migrations the list to apply; tests give a shorter one to make an older file.
 * @throws NewerDataFileError when the file holds migrations this version does not know.
 */
export async function openDatabase(file: string, migrations?: readonly Migration[]): Promise<Knex> {
  mkdirSync(dirname(file), { recursive: true });
  const db = knex({
    client: "better-sqlite3",
    connection: { filename: file },
    useNullAsDefault: true,
    // Failed statements must not carry a wearer's data into a log.
    compileSqlOnError: false,
    pool: { min: 1, max: 1, afterCreate: configure },
  });
  try {
    await db.migrate.latest({ migrationSource: migrationSource(migrations) });
  } catch (cause) {
    await db.destroy();
    if (/corrupt/i.test((cause as Error).message)) {
      throw new NewerDataFileError("The data file was made by a newer version of Stenz; update Stenz to open it.", {
        cause,
      });
    }
    throw cause;
  }
  return db;
}

function configure(connection: Connection, done: (error: Error | null, connection: Connection) => void): void {
  connection.pragma("journal_mode = WAL");
  connection.pragma("foreign_keys = ON");
  connection.pragma("synchronous = FULL");
  connection.pragma("secure_delete = ON");
  done(null, connection);
}
