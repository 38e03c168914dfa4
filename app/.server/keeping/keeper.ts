import { createContext } from "react-router";
import { fail, ok, type Result } from "../../../core/result.ts";
import type { AccessStore } from "../../../data/access/index.ts";
import {
  backupFolderOf,
  backupsIn,
  dropReadied,
  faultWords,
  putReadied,
  sweepReadied,
  type Taken,
} from "../../../data/backup/index.ts";
import { openStore } from "../../../data/store.ts";
import { inTurn } from "../inTurn.ts";
import type { HeldStore } from "./heldStore.ts";

/** Takes backups of the data file and puts one in its place. */
export interface Keeper {
  readonly dataFile: string;
  /** The folder of backups. */
  readonly folder: string;
  /** Takes one now. Problems as `takeBackup`. */
  backUp(): Promise<Result<Taken>>;
  /** Takes one where the last is over a day old, and has backups forget what was erased. */
  keepUp(): Promise<void>;
  /** Puts a backup that was made ready in the place of the data file; whoever asks for it has left that file. @returns where the present one lies now; `restore-failed`. */
  restore(readied: string): Promise<Result<string | null>>;
}

/** A backup is due this long after the last, ms: a clock that jumped either way makes one due as well. */
const DUE_MS = 24 * 3_600_000;

/** True where a backup is due, by when the last was taken (ISO). */
export const isDue = (last: string | undefined, now: Date): boolean =>
  last === undefined || Math.abs(now.getTime() - Date.parse(last)) >= DUE_MS;

/** Keeps the data file of a server. */
export function keeperOf(dataFile: string, held: HeldStore, access: AccessStore): Keeper {
  const folder = backupFolderOf(dataFile);
  sweepReadied(dataFile);
  const oneByOne = inTurn();
  async function backUp(): Promise<Result<Taken>> {
    const [store, rule] = [await held.ready(), await access.backupRule.find()];
    const taken = await store.backup(folder, rule, new Date());
    await access.backupRule.note(taken.ok ? taken.value.secondFault : taken.problem.message);
    return taken;
  }
  return {
    dataFile,
    folder,
    backUp: () => oneByOne(backUp),
    keepUp: () =>
      oneByOne(async () => {
        const [store, rule] = [await held.ready(), await access.backupRule.find()];
        // eslint-disable-next-line stenz/use-outcome -- what could not be written anew was dropped
        await store.forgetInBackups(folder, rule);
        // What could not be taken is noted, told at the bench, and tried again.
        // eslint-disable-next-line stenz/use-outcome -- noted where it is taken
        if (isDue(backupsIn(folder)[0]?.takenAt, new Date())) await backUp();
      }),
    restore: (readied) =>
      oneByOne(async () => {
        let aside: Result<string | null> = ok(null);
        await held.swap(async (old) => {
          await old.close();
          try {
            aside = ok(putReadied(dataFile, readied, new Date()));
          } catch (cause) {
            dropReadied(readied);
            aside = fail("restore-failed", `Nothing was restored: ${faultWords(cause)}. The data file is as it was.`);
          }
          return openStore(dataFile);
        });
        return aside;
      }),
  };
}

/** The keeper of the server that answers; null in development and where nothing is to be kept. */
export const keeperContext = createContext<Keeper | null>(null);
