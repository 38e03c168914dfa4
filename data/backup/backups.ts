import { copyFileSync, existsSync, mkdirSync, readdirSync, statSync } from "node:fs";
import { dirname, join, parse } from "node:path";
import Database from "better-sqlite3";
import { fail, ok, type Result } from "../../core/result.ts";
import {
  type BackupFile,
  backupFile,
  backupName,
  type Counts,
  lookInto,
  putInPlace,
  removeFile,
} from "./backupFile.ts";
import { type KeepRule, keptOf } from "./kept.ts";
import { type SealKey, seal, sealedName } from "./seal.ts";

/** How backups are taken. */
export interface BackupRule extends KeepRule {
  /** A second folder they are copied to: a stick, a folder that is synced; null for none. */
  readonly second: string | null;
  /** Sealed with this key; null for open ones. */
  readonly seal: SealKey | null;
}

/** As it is shipped: a week of days, four weeks, a year of months; nothing else. */
export const USUAL_RULE: BackupRule = { days: 7, weeks: 4, months: 12, second: null, seal: null };

/** What became of a backup that was taken. */
export interface Taken {
  readonly file: BackupFile;
  readonly counts: Counts;
  /** Why it could not be copied to the second folder; null where it was, or there is none. */
  readonly secondFault: string | null;
}

/** The folder of backups beside a data file: a data file has its own. */
export const backupFolderOf = (dataFile: string): string => join(dirname(dataFile), "backups", parse(dataFile).name);

/** Backups of a folder, the newest first; none where there is no folder. */
export function backupsIn(folder: string): BackupFile[] {
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .flatMap((name) => backupFile(folder, name) ?? [])
    .toSorted((a, b) => b.takenAt.localeCompare(a.takenAt));
}

/**
 * Takes a backup while the file is in use: by SQLite's own call, checked page by page, sealed where that is asked for, and copied to the
 * second folder. Older ones go by the rule.
 * @returns it; `backup-damaged` where what was written is not whole; `backup-failed` where it could not be written.
 */
export async function takeBackup(
  source: Database.Database,
  folder: string,
  rule: BackupRule,
  now: Date,
): Promise<Result<Taken>> {
  const name = backupName(now);
  const part = join(folder, `.${name}.part`);
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    await source.backup(part);
    single(part);
    const looked = lookInto(part);
    if (!looked.ok) return looked;
    const named = rule.seal ? sealedName(name) : name;
    if (rule.seal) {
      await seal(part, `${part}.sealed`, rule.seal);
      putInPlace(`${part}.sealed`, join(folder, named));
    } else putInPlace(part, join(folder, named));
    prune(folder, rule);
    const file = backupFile(folder, named);
    if (!file) throw new Error("A backup that was just named is one.");
    return ok({ file, counts: looked.value.counts, secondFault: mirror(folder, rule.second) });
  } catch (cause) {
    return fail("backup-failed", `No backup could be taken in ${folder}: ${faultWords(cause)}.`);
  } finally {
    if (existsSync(folder)) for (const left of [part, `${part}.sealed`]) removeFile(left);
  }
}

/** What went wrong with a folder, in words. */
export function faultWords(cause: unknown): string {
  const code = String((cause as { code?: unknown }).code ?? "");
  return FAULTS.find(([pattern]) => pattern.test(code))?.[1] ?? (code || "it failed");
}

const FAULTS: readonly (readonly [RegExp, string])[] = [
  [/^(?:ENOSPC|EDQUOT|SQLITE_FULL)$/, "the disk is full"],
  [/^(?:EACCES|EPERM|EROFS|SQLITE_READONLY.*|SQLITE_CANTOPEN.*)$/, "it may not be written"],
  [/^(?:ENOENT|ENOTDIR|ENODEV|ENXIO)$/, "it is not there"],
  [/^(?:EIO|SQLITE_IOERR.*)$/, "it cannot be read or written"],
];

/** A file stands alone, without a log beside it. */
export function single(file: string): void {
  const db = new Database(file);
  try {
    db.pragma("journal_mode = delete");
  } finally {
    db.close();
  }
}

/** Takes away what the rule no longer keeps. */
function prune(folder: string, rule: KeepRule): void {
  const all = backupsIn(folder);
  const kept = keptOf(
    all.map(({ takenAt }) => takenAt),
    rule,
  );
  for (const { name, takenAt } of all) if (!kept.has(takenAt)) removeFile(join(folder, name));
}

/**
 * Makes the second folder hold what the first does: new ones copied, those that went taken away, those that were written anew written anew.
 * @returns why it could not; null where it could, or there is none.
 */
export function mirror(folder: string, second: string | null): string | null {
  if (second === null) return null;
  try {
    // A folder that is gone is not made: it may be a stick that was pulled, and its place on the disk is not the stick.
    if (!statSync(second).isDirectory()) return `${second} is no folder.`;
    const [here, there] = [backupsIn(folder), backupsIn(second)];
    for (const { name } of there) if (!here.some((one) => one.name === name)) removeFile(join(second, name));
    for (const { name } of here) {
      const [from, to] = [join(folder, name), join(second, name)];
      if (existsSync(to) && sameFile(from, to)) continue;
      copyFileSync(from, `${to}.part`);
      putInPlace(`${to}.part`, to);
    }
    return null;
  } catch (cause) {
    return `Backups could not be copied to ${second}: ${faultWords(cause)}. Those in ${folder} are whole.`;
  }
}

/** What was written anew is newer than its copy. */
function sameFile(from: string, to: string): boolean {
  const [one, other] = [statSync(from), statSync(to)];
  return one.size === other.size && one.mtimeMs <= other.mtimeMs;
}
