import type { Store } from "../../../data/store.ts";
import type { HeldStore } from "./heldStore.ts";
import type { Keeper } from "./keeper.ts";

/** How often what an erasure had to leave is tried again, ms. */
const SCRUB_EVERY_MS = 60_000;

/** How often it is looked whether a backup is due, ms: a run that was missed while the machine slept is caught up. */
const KEEP_UP_EVERY_MS = 10 * 60_000;

/** How long a job that was taken off can be brought back, ms. */
const BROUGHT_BACK_WITHIN_MS = 24 * 60 * 60 * 1000;

/** What a server looks after from time to time, beside answering. */
interface LookedAfter {
  readonly held: HeldStore;
  readonly keeper: Keeper;
  /** False where no backups are taken by themselves. */
  readonly keepsUp: boolean;
}

/** Looks after what is kept, now and from time to time. @returns what ends it. @throws where the file cannot be written to at first. */
export async function startRounds({ held, keeper, keepsUp }: LookedAfter): Promise<() => void> {
  await tidyUp(await held.ready());
  // A file that cannot be written to for a while is tidied the next time; requests say what is wrong with it.
  const tidy = () =>
    void held
      .ready()
      .then(tidyUp)
      .catch(() => undefined);
  const keepUp = () => void (keepsUp ? keeper.keepUp().catch(() => undefined) : null);
  keepUp();
  const rounds = [setInterval(tidy, SCRUB_EVERY_MS), setInterval(keepUp, KEEP_UP_EVERY_MS)];
  return () => rounds.forEach(clearInterval);
}

/** What is done from time to time: erasures finished, and jobs erased that were taken off a day ago. */
async function tidyUp(store: Store): Promise<void> {
  // eslint-disable-next-line stenz/use-outcome -- what cannot be finished now stays noted, and is tried again
  await store.finishErasing();
  await store.eraseRemovedJobs(new Date(Date.now() - BROUGHT_BACK_WITHIN_MS).toISOString());
}
