import type { Store } from "../../../data/store.ts";

/** The open data file, which can be changed for another while the server runs: requests wait meanwhile. */
export interface HeldStore {
  /** The file that is open; waits while it is being changed. */
  ready(): Promise<Store>;
  /** Notes a request that uses it. @returns what says that it is done. */
  enter(): () => void;
  /** Changes it for another, once no request but `mine` uses it, or has used it for too long. */
  swap(work: (old: Store) => Promise<Store>, mine?: number): Promise<Store>;
}

/** How long requests under way get to finish before the file is changed all the same, ms. */
const PATIENCE_MS = 5000;
const LOOKED_EVERY_MS = 20;

/** Holds an open data file. */
export function holdStore(first: Store): HeldStore {
  let store = Promise.resolve(first);
  let under = 0;
  return {
    ready: () => store,
    enter() {
      under += 1;
      let left = false;
      return () => {
        if (!left) under -= 1;
        left = true;
      };
    },
    swap(work, mine = 0) {
      const old = store;
      const next = old.then(async (before) => {
        const until = Date.now() + PATIENCE_MS;
        while (under > mine && Date.now() < until) await new Promise((resolve) => setTimeout(resolve, LOOKED_EVERY_MS));
        return work(before);
      });
      store = next;
      return next;
    },
  };
}
