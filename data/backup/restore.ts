import { existsSync, mkdirSync, mkdtempSync, renameSync, rmdirSync, rmSync } from "node:fs";
import { basename, dirname, join, parse } from "node:path";
import { fail, ok, type Result } from "../../core/result.ts";
import { DataFileError, openDatabase, renewKeptPages } from "../db/index.ts";
import { copyKnown } from "../rows/index.ts";
import { type Holding, lookInto, putInPlace, stampOf } from "./backupFile.ts";
import { faultWords, single } from "./backups.ts";
import { isSealed, unseal } from "./seal.ts";

/** A backup that was made ready: opened, checked, brought to the form of this version, beside the data file and not yet in its place. */
export interface Readied {
  /** Where it lies now. */
  readonly file: string;
  /** What it holds. */
  readonly holding: Holding;
  /** What the data file holds now; null where there is none. */
  readonly now: Holding | null;
  /** What stands in the backup and is none of ours: it is left out. */
  readonly leftOut: readonly string[];
}

/** What a backup is opened with. */
export interface ReadyOptions {
  readonly dataFile: string;
  readonly backup: string;
  /** Of a sealed backup. */
  readonly passphrase?: string;
  /** What the data file holds now, where a server has it open: nobody else can look into it then. */
  readonly now?: Holding;
}

/** The folder in which backups are made ready: on the disk of the data file, so that one is put in its place at once. */
const readyFolder = (dataFile: string): string => join(dirname(dataFile), `.${parse(dataFile).name}-restore`);

/** A place of its own for one that is made ready. @throws where the folder cannot be written. */
function newPlace(dataFile: string): string {
  const folder = readyFolder(dataFile);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  return join(mkdtempSync(join(folder, "ready-")), basename(dataFile));
}

/**
 * Makes a backup ready to be restored, and changes nothing yet: a file of our own with its rows, never the backup itself.
 * @returns it; `backup-missing`, `backup-damaged`, `newer-data-file`, `rows-odd`, `backup-failed`; of a sealed one `sealed-wrong-passphrase`, `sealed-damaged`.
 */
export async function readyBackup({ dataFile, backup, passphrase, now }: ReadyOptions): Promise<Result<Readied>> {
  if (!existsSync(backup))
    return fail("backup-missing", `Expected ${backup} to be a backup, but there is no such file.`);
  let place: string | null = null;
  const refused = (problem: { readonly code: string; readonly message: string }) => {
    if (place !== null) dropReadied(place);
    return fail(problem.code, problem.message);
  };
  try {
    place = newPlace(dataFile);
    const file = place;
    const source = isSealed(backup) ? `${file}.opened` : backup;
    if (isSealed(backup)) {
      if (passphrase === undefined || passphrase === "")
        return refused({
          code: "sealed-wrong-passphrase",
          message: "Expected the passphrase this backup was sealed with.",
        });
      const opened = await unseal(backup, source, passphrase);
      if (!opened.ok) return refused(opened.problem);
    }
    const looked = lookInto(source);
    if (!looked.ok)
      return refused({
        ...looked.problem,
        message: looked.problem.message.replace(basename(source), basename(backup)),
      });
    const copied = await copyKnown(source, file);
    if (!copied.ok) return refused(copied.problem);
    if (source !== backup) rmSync(source);
    const db = await openDatabase(file);
    await renewKeptPages(db);
    await db.destroy();
    single(file);
    const present = !now && existsSync(dataFile) ? lookInto(dataFile) : null;
    return ok({
      ...{ file, holding: looked.value, leftOut: copied.value },
      now: now ?? (present?.ok ? present.value : null),
    });
  } catch (cause) {
    if (cause instanceof DataFileError)
      return refused({ code: cause.code, message: cause.message.replace("The data file", "The backup") });
    return refused({ code: "backup-failed", message: `The backup could not be made ready: ${faultWords(cause)}.` });
  }
}

/** Takes what was made ready away again, and nothing that was made ready beside it for somebody else. */
export function dropReadied(readied: string): void {
  rmSync(dirname(readied), { recursive: true, force: true });
  try {
    rmdirSync(dirname(dirname(readied)));
  } catch {
    // Something else is being made ready there, or it is gone.
  }
}

/** Takes away what was made ready by a server that was ended before it could put it in its place or drop it. */
export const sweepReadied = (dataFile: string): void => rmSync(readyFolder(dataFile), { recursive: true, force: true });

/** Where the present file is kept aside: beside itself, in the place of none that was kept there in the same second. */
function asideOf(dataFile: string, now: Date): string {
  const stem = join(dirname(dataFile), `${parse(dataFile).name}-aside-${stampOf(now)}`);
  const nth = (count: number): string => (count === 1 ? `${stem}.sqlite` : `${stem}-${count}.sqlite`);
  let count = 1;
  while (existsSync(nth(count))) count += 1;
  return nth(count);
}

/**
 * Puts a backup that was made ready in the place of the data file, which nobody may hold open. The present one is kept aside.
 * @returns where that one lies now; null where there was none. @throws where the folder cannot be written: then the present one stands.
 */
export function putReadied(dataFile: string, readied: string, now: Date): string | null {
  const aside = asideOf(dataFile, now);
  const had = existsSync(dataFile);
  if (had) {
    single(dataFile);
    renameSync(dataFile, aside);
  }
  try {
    putInPlace(readied, dataFile);
  } catch (cause) {
    if (had) renameSync(aside, dataFile);
    throw cause;
  }
  dropReadied(readied);
  return had ? aside : null;
}
