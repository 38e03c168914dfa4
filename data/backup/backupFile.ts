import { chmodSync, closeSync, fsyncSync, openSync, renameSync, rmSync, statSync } from "node:fs";
import { basename, join } from "node:path";
import type Database from "better-sqlite3";
import { fail, ok, type Result } from "../../core/result.ts";
import { openForeign, tablesOf } from "../rows/index.ts";
import { isSealed } from "./seal.ts";

/** A backup as it lies in its folder, named by the time it was taken (UTC). */
export interface BackupFile {
  /** `stenz-2026-11-27-140530.sqlite`; `.sealed` behind it where it is sealed. */
  readonly name: string;
  readonly takenAt: string;
  readonly bytes: number;
  readonly sealed: boolean;
}

const NAME = /^stenz-(\d{4})-(\d\d)-(\d\d)-(\d\d)(\d\d)(\d\d)\.sqlite(\.sealed)?$/;

/** A time as it stands in the name of a file (UTC): `2026-11-27-140530`. */
export const stampOf = (at: Date): string => at.toISOString().slice(0, 19).replace("T", "-").replaceAll(":", "");

/** The name of a backup that is taken at a time. */
export const backupName = (at: Date): string => `stenz-${stampOf(at)}.sqlite`;

/** When a backup was taken, by its name (ISO); null for a file that is none. */
export function takenAtOf(name: string): string | null {
  const [, year, month, day, hour, minute, second] = NAME.exec(name) ?? [];
  return year ? `${year}-${month}-${day}T${hour}:${minute}:${second}.000Z` : null;
}

/** A backup in a folder, by its name; null for a file that is none. */
export function backupFile(folder: string, name: string): BackupFile | null {
  const takenAt = takenAtOf(name);
  if (takenAt === null) return null;
  return { name, takenAt, bytes: statSync(join(folder, name)).size, sealed: isSealed(name) };
}

/** What a data file holds, by kind, as a maker counts it. */
export interface Counts {
  readonly wearers: number;
  readonly sheets: number;
  readonly cloths: number;
  readonly jobs: number;
  readonly prototypes: number;
  readonly findings: number;
  readonly photos: number;
}

const COUNTED: Readonly<Record<keyof Counts, string>> = {
  wearers: "select count(*) from wearers",
  sheets: "select count(*) from sheets",
  cloths: "select count(*) from cloths",
  jobs: "select count(*) from jobs",
  prototypes: "select count(*) from prototypes",
  findings: "select count(*) from findings",
  photos: "select count(*) from fitting_photos",
};

/** What is asked of a file that has all tables it is asked of; a kind that an older file has no table for yet is counted as none. */
function asked<T>(tables: ReadonlySet<string>, sql: string, ask: () => T): T | null {
  const names = [...sql.matchAll(/(?:from|join) (\w+)/g)].map(([, name = ""]) => name);
  return names.every((name) => tables.has(name)) ? ask() : null;
}

/** What a file holds, and what was written in it last. */
export interface Holding {
  readonly counts: Counts;
  /** The newest edits and sheets, the last first. */
  readonly newest: readonly { readonly what: string; readonly at: string }[];
  /** How far its structure has come: the number of its last migration. */
  readonly format: number;
}

/** So many of the newest entries are told. */
const NEWEST = 6;

/**
 * Looks into a data file that nobody writes to, every page and reference of it.
 * @returns what it holds; `backup-damaged` where it is not whole, or no data file of Stenz at all.
 */
export function lookInto(file: string): Result<Holding> {
  const damaged = (why: string) =>
    fail("backup-damaged", `Expected ${basename(file)} to be a whole data file of Stenz, but ${why}.`);
  let db: Database.Database | null = null;
  try {
    db = openForeign(file);
    const [first] = db.pragma("integrity_check(1)") as { integrity_check: string }[];
    if (first?.integrity_check !== "ok") return damaged("pages of it are damaged");
    if ((db.pragma("foreign_key_check") as unknown[]).length > 0)
      return damaged("something in it refers to what is not there");
    return ok(holdingOf(db));
  } catch {
    return damaged("it cannot be read as one");
  } finally {
    db?.close();
  }
}

/** What an open data file holds: of its tables, and of nothing that only looks like one. */
export function holdingOf(db: Database.Database): Holding {
  const tables = new Set(tablesOf(db));
  const counts = Object.fromEntries(
    Object.entries(COUNTED).map(([kind, sql]) => [
      kind,
      asked(tables, sql, () => Number(db.prepare(sql).pluck().get())) ?? 0,
    ]),
  ) as unknown as Counts;
  const newest = NEWEST_OF.flatMap(
    (sql) =>
      asked(tables, sql, () => db.prepare(`${sql} limit ${NEWEST}`).all() as { what: string; at: string }[]) ?? [],
  );
  const format = Number(db.prepare("select max(substr(name, 1, 4)) from knex_migrations").pluck().get());
  return { counts, format, newest: newest.toSorted((a, b) => b.at.localeCompare(a.at)).slice(0, NEWEST) };
}

const NEWEST_OF = [
  "select 'edit of ' || j.name as what, e.made_at as at from job_edits e join jobs j on j.id = e.job_id order by e.made_at desc, e.id desc",
  "select 'sheet of ' || w.name as what, s.taken_on as at from sheets s join wearers w on w.id = s.wearer_id order by s.taken_on desc, s.id desc",
] as const;

/** Puts a finished file in its place at once, its owner's alone, on the disk before it is called there. */
export function putInPlace(made: string, place: string): void {
  chmodSync(made, 0o600);
  sync(made);
  renameSync(made, place);
  sync(join(place, ".."));
}

function sync(path: string): void {
  const handle = openSync(path, "r");
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
}

/** Takes a file away with what SQLite leaves beside it. */
export function removeFile(file: string): void {
  for (const ending of ["", "-wal", "-shm", "-journal"]) rmSync(file + ending, { force: true });
}
