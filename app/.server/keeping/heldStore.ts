import type { Store } from "../../../data/store.ts";

/** The open data file, which can be changed for another while the server runs: requests wait meanwhile. */
export interface HeldStore {
  /** The file that is open; waits while it is being changed. */
  ready(): Promise<Store>;
  /** Notes a request that uses the file as it is open now. @returns what says that it is done. */
  enter(): () => void;
  /** Changes it for another, once no request uses the one that gives way, or has used it for too long. */
  swap(work: (old: Store) => Promise<Store>): Promise<Store>;
}

/** How long requests under way get to finish before the file is changed all the same, ms. */
const PATIENCE_MS = 5000;
const LOOKED_EVERY_MS = 20;

/** Holds an open data file. */
export function holdStore(first: Store): HeldStore {
  let store = Promise.resolve(first);
  /** Those who came while the file was open that is open now. */
  let users = { under: 0 };
  return {
    ready: () => store,
    enter() {
      const among = users;
      among.under += 1;
      let left = false;
      return () => {
        if (!left) among.under -= 1;
        left = true;
      };
    },
    swap(work) {
      const [old, leaving] = [store, users];
      // Who comes from now on waits for the next file: to wait for them would be to wait for oneself.
      users = { under: 0 };
      const next = old.then(async (before) => {
        const until = Date.now() + PATIENCE_MS;
        while (leaving.under > 0 && Date.now() < until)
          await new Promise((resolve) => setTimeout(resolve, LOOKED_EVERY_MS));
        return work(before);
      });
      store = next;
      return next;
    },
  };
}
