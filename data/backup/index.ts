export {
  type BackupFile,
  backupName,
  type Counts,
  type Holding,
  holdingOf,
  lookInto,
  putInPlace,
} from "./backupFile.ts";
export {
  type BackupRule,
  backupFolderOf,
  backupsIn,
  faultWords,
  mirror,
  type Taken,
  takeBackup,
  USUAL_RULE,
} from "./backups.ts";
export { type ErasedFrom, eraseFromBackups } from "./eraseFrom.ts";
export { dropReadied, putReadied, type Readied, type ReadyOptions, readyBackup, sweepReadied } from "./restore.ts";
export { isSealed, newSealKey, type SealKey } from "./seal.ts";
