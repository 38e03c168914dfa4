import { useEffect, useRef, useState } from "react";
import { useBlocker, useLocation, useMatches, useRevalidator } from "react-router";
import { lookForServer, onReached, useLostAt } from "./connection.ts";
import { isKeptPage } from "./keptPages.ts";
import { askWorker, keepApplication } from "./workerLink.ts";

/** A page is kept once nothing has changed in it for so long, ms: not at every key, and not while its own data still comes. */
const QUIET_MS = 1500;

/**
 * Has this device keep the page in sight, as it stands after whatever changed it: the next time it comes up whole, with the network or
 * without. Once a newer build has taken over, the next page is fetched whole; the one in sight stays as it is.
 * @param letIn false for somebody who was not let in, such as a wearer who measures themselves: their browser keeps nothing of Stenz.
 * @returns true where this browser keeps no page, since it does not take the address for safe.
 */
export function useKeptPage(letIn: boolean): boolean {
  const lost = useLostAt() !== null;
  const location = useLocation();
  const matches = useMatches();
  const { revalidate } = useRevalidator();
  const [looked, setLooked] = useState(0);
  const [none, setNone] = useState(false);
  const newer = useRef(false);
  useEffect(() => {
    if (!letIn) return;
    return keepApplication({
      onFirst: () => setLooked((times) => times + 1),
      onNewer: () => {
        newer.current = true;
      },
      onNone: () => setNone(true),
    });
  }, [letIn]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what the page shows changed, or there is somebody to keep it now.
  useEffect(() => {
    if (lost || !isKeptPage(location.pathname)) return;
    const address = location.pathname + location.search;
    const later = setTimeout(() => askWorker({ ask: "keep", address }), QUIET_MS);
    return () => clearTimeout(later);
  }, [lost, location, matches, looked]);
  useEffect(() => {
    if (!navigator.onLine) lookForServer();
    return onReached(() => void revalidate());
  }, [revalidate]);
  const blocked = useBlocker(
    ({ currentLocation, nextLocation }) => newer.current && currentLocation.pathname !== nextLocation.pathname,
  );
  useEffect(() => {
    if (blocked.state !== "blocked") return;
    const { pathname, search, hash } = blocked.location;
    window.location.assign(pathname + search + hash);
  }, [blocked]);
  return none;
}
