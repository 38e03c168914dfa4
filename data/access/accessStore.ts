import { dirname, join, parse } from "node:path";
import type { Knex } from "knex";
import { openDatabase } from "../db/index.ts";
import { type BackupRuleRepository, backupRuleRepository } from "./backupRule.ts";
import { type DeviceRepository, deviceRepository } from "./devices.ts";
import { ACCESS_MIGRATIONS } from "./migrations.ts";
import { type PairingRepository, pairingRepository } from "./pairing.ts";
import { type SharingRepository, sharingRepository } from "./sharing.ts";
import { type TryRepository, tryRepository } from "./tries.ts";

/** Who is let in, and how backups are taken on this machine. A file of its own beside the data: it lies in no backup, and restoring one lets nobody in again. */
export interface AccessStore {
  readonly sharing: SharingRepository;
  readonly devices: DeviceRepository;
  readonly pairing: PairingRepository;
  readonly tries: TryRepository;
  readonly backupRule: BackupRuleRepository;
  close(): Promise<void>;
}

/** Where the access of a data file is kept: `stenz.access.sqlite` beside `stenz.sqlite`. */
export const accessFileOf = (dataFile: string): string =>
  join(dirname(dataFile), `${parse(dataFile).name}.access.sqlite`);

/** Opens it, made and migrated as needed. Errors as `openDatabase`. */
export const openAccess = async (file: string): Promise<AccessStore> =>
  accessOver(await openDatabase(file, ACCESS_MIGRATIONS));

/** Access over an open database; tests bring their own. */
export const accessOver = (db: Knex): AccessStore => ({
  sharing: sharingRepository(db),
  devices: deviceRepository(db),
  pairing: pairingRepository(db),
  tries: tryRepository(db),
  backupRule: backupRuleRepository(db),
  close: () => db.destroy(),
});
