import { type Readied, type ReadyOptions, readyBackup } from "../../../../data/backup/index.ts";
import type { Task } from "../task.ts";

/** A backup made ready to be restored. */
export const makeBackupReady: Task<ReadyOptions, Readied> = (options) => readyBackup(options);
