import { accessSync, constants, existsSync, statSync } from "node:fs";
import { dirname } from "node:path";
import type Database from "better-sqlite3";
import knex, { type Knex } from "knex";
import { renewJournal } from "../history/index.ts";
import {
  DamagedDataFileError,
  DataFileError,
  DataFileInUseError,
  DataFileMissingError,
  FullDiskError,
  NewerDataFileError,
  UnwritableDataFileError,
} from "./dataFileErrors.ts";
import { keepToOwner } from "./keepToOwner.ts";
import { migrationSource } from "./migrations/index.ts";
import type { Migration } from "./migrations/migration.ts";

/** The driver's own connection of an open database: it stays the same, since there is only ever one. */
const connections = new WeakMap<Knex, Database.Database>();

/** The driver's connection of an open database, for what only the driver can: backups. */
export function connectionOf(db: Knex): Database.Database {
  const connection = connections.get(db);
  if (!connection) throw new Error("A database that was opened here has its connection.");
  return connection;
}

/** Failures reach whoever asked; the library would print them as well, in words nobody at a bench needs. */
const QUIET = { warn: () => undefined, error: () => undefined, deprecate: () => undefined, debug: () => undefined };

/** A database that lies in no file. */
const IN_MEMORY = ":memory:";

/** How long a second program waits for the first to let the file go, ms. */
const PATIENCE_MS = 1500;

/**
 * Opens (or makes) the data file and brings it up to date.
 *
 * Write-ahead log, foreign keys on, `synchronous=FULL`: a saved action survives a power cut. One connection, since
 * SQLite has one writer and the driver does not wait in the background; it holds the file for itself, so that a second
 * server on it is refused at once and no other program reads along. Folder and file are their owner's only.
 *
 * @param file path of the data file; missing folders are made.
 * @param migrations the list to apply; tests give a shorter one to make an older file.
 * @param beforeMigrating done before an older file is brought up to date; where it fails, the file stays as it was.
 * @throws NewerDataFileError when the file holds migrations this version does not know.
 * @throws DataFileInUseError when another program holds it.
 * @throws DamagedDataFileError when it is no data file of Stenz, or pages of it cannot be read.
 * @throws UnwritableDataFileError when it, or its folder, cannot be written.
 * @throws FullDiskError when there is no room for what has to be written beside it.
 */
export async function openDatabase(
  file: string,
  migrations?: readonly Migration[],
  beforeMigrating?: (connection: Database.Database) => Promise<void>,
): Promise<Knex> {
  if (file !== IN_MEMORY) closeToOthers(file);
  const db = knex({
    client: "better-sqlite3",
    connection: { filename: file },
    useNullAsDefault: true,
    // Failed statements must not carry a wearer's data into a log.
    compileSqlOnError: false,
    log: QUIET,
    pool: {
      ...{ min: 1, max: 1 },
      afterCreate: (connection: Database.Database, done: Parameters<typeof configure>[1]) => {
        connections.set(db, connection);
        configure(connection, done);
      },
    },
  });
  try {
    await assertWhole(db);
    const source = { migrationSource: migrationSource(migrations) };
    if (beforeMigrating) {
      const [done, pending] = (await db.migrate.list(source)) as [unknown[], unknown[]];
      if (done.length > 0 && pending.length > 0) await beforeMigrating(connectionOf(db));
    }
    await db.migrate.latest(source);
    // An older file made for a test has no journal yet.
    if (!migrations) await renewJournal(db);
    if (file !== IN_MEMORY) closeToOthers(file);
  } catch (cause) {
    await db.destroy();
    throw named(cause, file);
  }
  return db;
}

function configure(
  connection: Database.Database,
  done: (error: Error | null, connection: Database.Database) => void,
): void {
  try {
    connection.pragma(`busy_timeout = ${PATIENCE_MS}`);
    // A tool that replicates the file reads along; the file of who is let in is then what keeps a second server away.
    if (!isReplicated(connection.name)) connection.pragma("locking_mode = EXCLUSIVE");
    connection.pragma("journal_mode = WAL");
    connection.pragma("foreign_keys = ON");
    connection.pragma("synchronous = FULL");
    connection.pragma("secure_delete = ON");
    done(null, connection);
  } catch (cause) {
    // The pool forgets a connection it could not use, which would go on holding the file.
    connection.close();
    done(cause as Error, connection);
  }
}

/** True for a data file that another program may read along (`STENZ_REPLICATED=1`). */
const isReplicated = (file: string): boolean =>
  process.env.STENZ_REPLICATED === "1" && !file.endsWith(".access.sqlite");

/** A quick look at every page; the full one is a command (`npm run check`). */
async function assertWhole(db: Knex): Promise<void> {
  const [first] = (await db.raw("pragma quick_check(1)")) as { quick_check: string }[];
  if (first?.quick_check !== "ok") throw new DamagedDataFileError();
}

/** Closes the file to other accounts. @throws as {@link openDatabase}. */
function closeToOthers(file: string): void {
  try {
    keepToOwner(file);
  } catch (cause) {
    throw named(cause, file);
  }
}

/** The same failure as a plain sentence, where it is one that is foreseen. */
function named(cause: unknown, file: string): unknown {
  if (cause instanceof DataFileError) return cause;
  const { code = "", message = "" } = cause as { code?: string; message?: string };
  if (code === "SQLITE_FULL" || code === "ENOSPC" || code === "EDQUOT") return new FullDiskError({ cause });
  // On a disk that is read-only already the lock fails, whose code says nothing of why.
  if (/^(?:SQLITE_READONLY|SQLITE_CANTOPEN|EROFS|EACCES|EPERM)/.test(code) || (file !== IN_MEMORY && !isWritable(file)))
    return new UnwritableDataFileError({ cause });
  if (code.startsWith("SQLITE_BUSY") || code.startsWith("SQLITE_LOCKED")) return new DataFileInUseError({ cause });
  if (code.startsWith("SQLITE_CORRUPT") || code === "SQLITE_NOTADB") return new DamagedDataFileError({ cause });
  // Knex's word for a migration that stands in the file and not in the list.
  if (/migration directory is corrupt/i.test(message)) return new NewerDataFileError({ cause });
  return cause;
}

/** True where the file, or the folder that is to hold it, can be written. */
function isWritable(file: string): boolean {
  try {
    accessSync(existsSync(file) ? file : dirname(file), constants.W_OK);
    return true;
  } catch {
    return false;
  }
}

/**
 * Watches that the data file is still the one that was opened. SQLite goes on writing into a file that was deleted or
 * replaced, and what it calls saved would be gone at the next start.
 *
 * @returns throws DataFileMissingError when called while the file is another, or none.
 */
export function watchFile(file: string): () => void {
  if (file === IN_MEMORY) return () => undefined;
  const opened = statSync(file);
  return () => {
    const now = statSync(file, { throwIfNoEntry: false });
    if (!now || now.ino !== opened.ino || now.dev !== opened.dev) throw new DataFileMissingError();
  };
}
