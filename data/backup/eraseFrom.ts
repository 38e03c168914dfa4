import { join } from "node:path";
import type { Knex } from "knex";
import { openDatabase } from "../db/index.ts";
import { copyKnown } from "../rows/index.ts";
import {
  type ErasedHere,
  erasedFromHere,
  eraseJobsNow,
  eraseWearer,
  finishScrub,
  forgottenByBackups,
} from "../wearers/index.ts";
import { lookInto, putInPlace, removeFile } from "./backupFile.ts";
import { backupsIn, single } from "./backups.ts";

/** What became of the backups of a folder. */
export interface ErasedFrom {
  /** How many were written anew without it. */
  readonly rewritten: number;
  /** Names of those that were dropped whole: sealed ones, which nobody can look into, and those that are damaged. */
  readonly dropped: readonly string[];
}

/** Erases from every backup of a folder what was erased from the data file. One that cannot be written anew is dropped. */
export async function eraseFromBackups(folder: string, erased: ErasedHere): Promise<ErasedFrom> {
  let rewritten = 0;
  const dropped: string[] = [];
  for (const { name, sealed } of backupsIn(folder)) {
    const file = join(folder, name);
    const done = sealed ? "dropped" : await rewrite(file, erased);
    if (done === "rewritten") rewritten += 1;
    if (done !== "dropped") continue;
    removeFile(file);
    dropped.push(name);
  }
  return { rewritten, dropped };
}

/** Writes a backup anew without what was erased; the old one stands until the new one is whole. */
async function rewrite(file: string, erased: ErasedHere): Promise<"rewritten" | "untouched" | "dropped"> {
  const part = `${file}.part`;
  try {
    // A file of our own with its rows: nothing that stands in it otherwise can keep what is erased.
    if (!(await copyKnown(file, part)).ok) return "dropped";
    const db = await openDatabase(part);
    let found = 0;
    try {
      found = await eraseFound(db, erased);
    } finally {
      await db.destroy();
    }
    if (found === 0) return "untouched";
    single(part);
    if (!lookInto(part).ok) return "dropped";
    putInPlace(part, file);
    return "rewritten";
  } catch {
    return "dropped";
  } finally {
    removeFile(part);
  }
}

async function eraseFound(db: Knex, { wearers, jobs }: ErasedHere): Promise<number> {
  const found: number[] = await db("wearers").whereIn("identity", wearers).pluck("id");
  for (const id of found) await db.transaction((transaction) => eraseWearer(transaction, id));
  const left: number[] = await db("jobs").whereIn("identity", jobs).pluck("id");
  if (left.length > 0) await db.transaction((transaction) => eraseJobsNow(transaction, left));
  if (found.length + left.length > 0 && !(await finishScrub(db))) throw new Error("A file of our own holds nobody up.");
  // A backup has no backups of its own to be told.
  await forgottenByBackups(db, await erasedFromHere(db));
  return found.length + left.length;
}
