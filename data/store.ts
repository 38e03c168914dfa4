import type { Knex } from "knex";
import { type ClothRepository, clothRepository } from "./cloths.ts";
import { type DraftRepository, draftRepository } from "./drafts.ts";
import { type FittingRepository, fittingRepository } from "./fittings.ts";
import { type JobRepository, jobRepository } from "./jobs.ts";
import { openDatabase } from "./openDatabase.ts";
import { type PrototypeRepository, prototypeRepository } from "./prototypes.ts";
import { type WearerRepository, wearerRepository } from "./wearers.ts";

/** All repositories over one connection or transaction. */
export interface Repositories {
  readonly wearers: WearerRepository;
  readonly cloths: ClothRepository;
  readonly jobs: JobRepository;
  readonly prototypes: PrototypeRepository;
  readonly fittings: FittingRepository;
  readonly drafts: DraftRepository;
}

/** The data file. Reading may use the repositories directly; every action writes inside one transaction. */
export interface Store extends Repositories {
  /** Runs an action as one transaction: all of it is saved, or nothing. */
  inTransaction<T>(action: (repositories: Repositories) => Promise<T>): Promise<T>;
  close(): Promise<void>;
}

/** Opens the data file, made and migrated as needed. Errors as {@link openDatabase}. */
export async function openStore(file: string): Promise<Store> {
  return storeOver(await openDatabase(file));
}

/** A store over an open database; tests bring their own. */
export function storeOver(db: Knex): Store {
  return {
    ...repositoriesOver(db),
    inTransaction: (action) => db.transaction((transaction) => action(repositoriesOver(transaction))),
    close: () => db.destroy(),
  };
}

const repositoriesOver = (db: Knex): Repositories => ({
  wearers: wearerRepository(db),
  cloths: clothRepository(db),
  jobs: jobRepository(db),
  prototypes: prototypeRepository(db),
  fittings: fittingRepository(db),
  drafts: draftRepository(db),
});
