import { useSyncExternalStore } from "react";

/** Since when the server has not answered (ISO); null while it does. */
let lostAt: string | null = null;

const listeners = new Set<() => void>();
const reachedListeners = new Set<() => void>();

/** Name under which the browser keeps since when: a page that was opened again did not lose the network just now. */
const KEPT = "stenz-lost-at";

/** How long an answer is waited for, and how long until the next try, ms. */
const [PATIENCE_MS, AGAIN_MS] = [4000, 4000];

/** Answers without a page, and to a HEAD the service worker has no hand in. */
const ASKED = "/favicon.svg";

let looking = false;
let again: ReturnType<typeof setTimeout> | null = null;

/** Looks whether the server answers, where there is reason to doubt it; and from then on until it does. */
export function lookForServer(): void {
  if (looking) return;
  looking = true;
  void look().finally(() => {
    looking = false;
  });
}

async function look(): Promise<void> {
  if (again) clearTimeout(again);
  again = null;
  if (await answers()) return setLost(null);
  setLost(lostAt ?? keptSince() ?? new Date().toISOString());
  again = setTimeout(lookForServer, AGAIN_MS);
}

const answers = (): Promise<boolean> =>
  fetch(ASKED, { method: "HEAD", cache: "no-store", signal: AbortSignal.timeout(PATIENCE_MS) }).then(
    () => true,
    () => false,
  );

function setLost(since: string | null): void {
  const before = lostAt;
  if (since === before) return;
  lostAt = since;
  keepSince(since);
  for (const listener of listeners) listener();
  if (since === null) for (const listener of reachedListeners) listener();
}

/** Some browsers keep nothing, and say so by throwing. */
function keptSince(): string | null {
  try {
    return localStorage.getItem(KEPT);
  } catch {
    return null;
  }
}

function keepSince(since: string | null): void {
  try {
    if (since === null) localStorage.removeItem(KEPT);
    else localStorage.setItem(KEPT, since);
  } catch {
    // Then it counts from the opening of the page.
  }
}

/** Calls back whenever the server answers again. @returns what ends it. */
export function onReached(listener: () => void): () => void {
  reachedListeners.add(listener);
  return () => reachedListeners.delete(listener);
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  const events = ["online", "offline"] as const;
  for (const event of events) window.addEventListener(event, lookForServer);
  return () => {
    listeners.delete(listener);
    for (const event of events) window.removeEventListener(event, lookForServer);
  };
}

/** True while the server is known not to answer. */
export const isLost = (): boolean => lostAt !== null;

/** Since when this page is without the server (ISO); null while it answers. */
export const useLostAt = (): string | null =>
  useSyncExternalStore(
    subscribe,
    () => lostAt,
    () => null,
  );
