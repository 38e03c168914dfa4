import type { Knex } from "knex";
import type { Result } from "../core/result.ts";
import {
  type BackupRule,
  backupFolderOf,
  type ErasedFrom,
  eraseFromBackups,
  type Holding,
  holdingOf,
  mirror,
  type Taken,
  takeBackup,
  USUAL_RULE,
} from "./backup/index.ts";
import { type ClothRepository, clothRepository, type LayupRepository, layupRepository } from "./cloths/index.ts";
import {
  connectionOf,
  type IdentityRepository,
  identityRepository,
  isRefusal,
  markOfKeptPages,
  NoBackupError,
  openDatabase,
  RolledBack,
  watchFile,
} from "./db/index.ts";
import { type DraftRepository, draftRepository } from "./drafts/index.ts";
import {
  type ChangeRepository,
  changeRepository,
  type FindingQuery,
  type FittingRepository,
  type FoundFindings,
  fittingRepository,
  type PiecesRepository,
  type PrototypeRepository,
  piecesRepository,
  prototypeRepository,
  type ReceivedRepository,
  receivedRepository,
  searchFindings,
} from "./fitting/index.ts";
import { gatherEdits, type HistoryRepository, historyRepository } from "./history/index.ts";
import {
  type JobRepository,
  jobRepository,
  type StandingRepository,
  standingRepository,
  type WorkingRepository,
  workingRepository,
} from "./jobs/index.ts";
import {
  type SizeChartRepository,
  type StyleRepository,
  sizeChartRepository,
  styleRepository,
} from "./styles/index.ts";
import {
  type BodyWrapRepository,
  bodyWrapRepository,
  type Erased,
  erasedFromHere,
  eraseRemovedJobs,
  eraseWearer,
  finishScrub,
  forgottenByBackups,
  type LikedGarmentRepository,
  likedGarmentRepository,
  type MeasureLinkRepository,
  measureLinkRepository,
  type SheetRepository,
  sheetRepository,
  type WearerRepository,
  wearerRepository,
} from "./wearers/index.ts";
import { type SettingRepository, settingRepository } from "./workshop/index.ts";

/** All repositories over one connection or transaction. */
export interface Repositories {
  readonly wearers: WearerRepository;
  readonly sheets: SheetRepository;
  readonly cloths: ClothRepository;
  readonly layups: LayupRepository;
  readonly styles: StyleRepository;
  readonly liked: LikedGarmentRepository;
  readonly charts: SizeChartRepository;
  readonly wraps: BodyWrapRepository;
  readonly measureLinks: MeasureLinkRepository;
  readonly jobs: JobRepository;
  readonly workings: WorkingRepository;
  readonly prototypes: PrototypeRepository;
  readonly pieces: PiecesRepository;
  readonly fittings: FittingRepository;
  readonly changes: ChangeRepository;
  readonly standing: StandingRepository;
  readonly history: HistoryRepository;
  readonly received: ReceivedRepository;
  readonly identities: IdentityRepository;
  readonly drafts: DraftRepository;
  readonly settings: SettingRepository;
}

/** The data file. Reading may use the repositories directly; every action writes inside one transaction. */
export interface Store extends Repositories {
  /** Runs an action as one transaction: all of it is saved, or nothing; nothing too where its answer is a refusal. */
  inTransaction<T>(action: (repositories: Repositories) => Promise<T>): Promise<T>;
  /** Searches every finding of the workshop. */
  searchFindings(query: FindingQuery): Promise<FoundFindings>;
  /** Takes an edit of a job back, as an edit of its own; nothing is done where it cannot be. Problems as the history's. */
  undoEdit(jobId: number, editId: number): Promise<Result<null>>;
  /**
   * Erases a wearer and all that hangs on them, in one transaction, and leaves no trace of it in the file. Where another
   * program held the file, traces may be left: `clean` is false, and {@link finishErasing} or the next start takes them.
   */
  eraseWearer(wearerId: number): Promise<Erased & { readonly clean: boolean }>;
  /** Erases for good the jobs that were taken off before a time (ISO); until then they can be brought back. */
  eraseRemovedJobs(before: string): Promise<number>;
  /** Takes away what an erasure had to leave; true when nothing is left. */
  finishErasing(): Promise<boolean>;
  /** Takes a backup into a folder while the file is in use. Problems as `takeBackup`. */
  backup(folder: string, rule: BackupRule, now: Date): Promise<Result<Taken>>;
  /** Has the backups of a folder forget what was erased here, and those of the second folder with them; null where nothing was. */
  forgetInBackups(folder: string, rule: BackupRule): Promise<ErasedFrom | null>;
  /** The mark of pages that browsers keep of this file: another one once something was erased, or the file restored. */
  keptPages(): Promise<string>;
  /** What the file holds, by kind, with its newest entries. */
  holding(): Holding;
  close(): Promise<void>;
}

/**
 * Opens the data file, made and migrated as needed. Before an older one is brought up to date a backup of it is taken. Errors as
 * {@link openDatabase}.
 * @throws DataFileError where that backup could not be taken: the file stays as it was.
 */
export async function openStore(file: string): Promise<Store> {
  const db = await openDatabase(file, undefined, async (connection) => {
    const taken = await takeBackup(connection, backupFolderOf(file), USUAL_RULE, new Date());
    if (!taken.ok) throw new NoBackupError(taken.problem.message);
  });
  // An erasure that could not be finished, or was cut off by a power cut, is finished before anything else.
  // eslint-disable-next-line stenz/use-outcome -- what cannot be finished now stays noted, and is tried again
  await finishScrub(db);
  return storeOver(db, watchFile(file));
}

/**
 * A store over an open database; tests bring their own.
 * @param assertInPlace throws where the data file is no longer the one that was opened; asked before anything is kept.
 */
export function storeOver(db: Knex, assertInPlace: () => void = () => undefined): Store {
  return {
    ...repositoriesOver(db),
    inTransaction: (action) =>
      keptOrRolledBack(() =>
        db.transaction(async (transaction) => {
          const answer = await action(repositoriesOver(transaction));
          if (isRefusal(answer)) throw new RolledBack(answer);
          await gatherEdits(transaction, new Date().toISOString());
          assertInPlace();
          return answer;
        }),
      ),
    searchFindings: (query) => searchFindings(db, query),
    undoEdit: (jobId, editId) => undoEdit(db, jobId, editId),
    async eraseWearer(wearerId) {
      const erased = await db.transaction((transaction) => eraseWearer(transaction, wearerId));
      return { ...erased, clean: await finishScrub(db) };
    },
    async eraseRemovedJobs(before) {
      const erased = await db.transaction((transaction) => eraseRemovedJobs(transaction, before));
      // eslint-disable-next-line stenz/use-outcome -- what cannot be finished now stays noted, and is tried again
      if (erased > 0) await finishScrub(db);
      return erased;
    },
    finishErasing: () => finishScrub(db),
    backup: (folder, rule, now) => takeBackup(connectionOf(db), folder, rule, now),
    async forgetInBackups(folder, rule) {
      const erased = await erasedFromHere(db);
      if (erased.wearers.length + erased.jobs.length === 0) return null;
      const done = await eraseFromBackups(folder, erased);
      // A stick that is not there now is brought up to date with the next backup.
      mirror(folder, rule.second);
      await db.transaction((transaction) => forgottenByBackups(transaction, erased));
      return done;
    },
    keptPages: () => markOfKeptPages(db),
    holding: () => holdingOf(connectionOf(db)),
    close: () => db.destroy(),
  };
}

const repositoriesOver = (db: Knex): Repositories => ({
  wearers: wearerRepository(db),
  sheets: sheetRepository(db),
  cloths: clothRepository(db),
  layups: layupRepository(db),
  styles: styleRepository(db),
  liked: likedGarmentRepository(db),
  charts: sizeChartRepository(db),
  wraps: bodyWrapRepository(db),
  measureLinks: measureLinkRepository(db),
  jobs: jobRepository(db),
  workings: workingRepository(db),
  prototypes: prototypeRepository(db),
  pieces: piecesRepository(db),
  fittings: fittingRepository(db),
  changes: changeRepository(db),
  standing: standingRepository(db),
  history: historyRepository(db),
  received: receivedRepository(db),
  identities: identityRepository(db),
  drafts: draftRepository(db),
  settings: settingRepository(db),
});

async function keptOrRolledBack<T>(run: () => Promise<T>): Promise<T> {
  try {
    return await run();
  } catch (cause) {
    if (cause instanceof RolledBack) return cause.answer as T;
    throw cause;
  }
}

const undoEdit = (db: Knex, jobId: number, editId: number): Promise<Result<null>> =>
  keptOrRolledBack(() =>
    db.transaction(async (transaction) => {
      const undone = await historyRepository(transaction).undo(jobId, editId);
      if (!undone.ok) throw new RolledBack(undone);
      await gatherEdits(transaction, new Date().toISOString(), editId);
      return undone;
    }),
  );
