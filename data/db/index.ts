export {
  DamagedDataFileError,
  DataFileError,
  DataFileMissingError,
  NewerDataFileError,
  NoBackupError,
} from "./dataFileErrors.ts";
export { type IdentityRepository, identityRepository, newIdentity } from "./identities.ts";
export { markOfKeptPages, renewKeptPages } from "./keptPages.ts";
export { MIGRATIONS } from "./migrations/index.ts";
export { type Migration, statements } from "./migrations/migration.ts";
export { connectionOf, openDatabase, watchFile } from "./openDatabase.ts";
export { parse, readColumn, readKept, wholeOf } from "./readKept.ts";
export { isRefusal, RolledBack } from "./refusal.ts";
export { insertAll, insertRow, type SaveOutcome, savedOrThrow, updateVersion } from "./saving.ts";
export { hashOf, newSecret } from "./secret.ts";
