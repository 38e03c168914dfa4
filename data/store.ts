import type { Knex } from "knex";
import type { Result } from "../core/result.ts";
import { type ClothRepository, clothRepository } from "./cloths/cloths.ts";
import { type LayupRepository, layupRepository } from "./cloths/layups.ts";
import { type IdentityRepository, identityRepository } from "./db/identities.ts";
import { openDatabase, watchFile } from "./db/openDatabase.ts";
import { isRefusal, RolledBack } from "./db/refusal.ts";
import { type DraftRepository, draftRepository } from "./drafts/drafts.ts";
import { type ChangeRepository, changeRepository } from "./fitting/changes.ts";
import { type FindingQuery, type FoundFindings, searchFindings } from "./fitting/findingSearch.ts";
import { type FittingRepository, fittingRepository } from "./fitting/fittings.ts";
import { type PrototypeRepository, prototypeRepository } from "./fitting/prototypes.ts";
import { type ReceivedRepository, receivedRepository } from "./fitting/received.ts";
import { gatherEdits, type HistoryRepository, historyRepository } from "./history/history.ts";
import { type JobRepository, jobRepository } from "./jobs/jobs.ts";
import { type StandingRepository, standingRepository } from "./jobs/standing.ts";
import { type WorkingRepository, workingRepository } from "./jobs/workings.ts";
import { type SizeChartRepository, sizeChartRepository } from "./styles/sizeCharts.ts";
import { type StyleRepository, styleRepository } from "./styles/styles.ts";
import { type BodyWrapRepository, bodyWrapRepository } from "./wearers/bodyWraps.ts";
import { type Erased, eraseRemovedJobs, eraseWearer, finishScrub } from "./wearers/erasure.ts";
import { type LikedGarmentRepository, likedGarmentRepository } from "./wearers/likedGarments.ts";
import { type SheetRepository, sheetRepository } from "./wearers/sheets.ts";
import { type WearerRepository, wearerRepository } from "./wearers/wearers.ts";
import { type SettingRepository, settingRepository } from "./workshop/settings.ts";

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
  readonly jobs: JobRepository;
  readonly workings: WorkingRepository;
  readonly prototypes: PrototypeRepository;
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
  close(): Promise<void>;
}

/** Opens the data file, made and migrated as needed. Errors as {@link openDatabase}. */
export async function openStore(file: string): Promise<Store> {
  const db = await openDatabase(file);
  // An erasure that could not be finished, or was cut off by a power cut, is finished before anything else.
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
      if (erased > 0) await finishScrub(db);
      return erased;
    },
    finishErasing: () => finishScrub(db),
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
  jobs: jobRepository(db),
  workings: workingRepository(db),
  prototypes: prototypeRepository(db),
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
