import { useEffect, useState } from "react";
import { ranFor } from "../../../core/sewing/index.ts";
import { useHydrated } from "../../frame/useHydrated.ts";

/** How often a running time is written anew, ms. */
const EVERY_MS = 1000;

/** Time that runs: what was sewn before, and since then. */
export function RunningTime({ since, beforeMin }: { since: string; beforeMin: number }) {
  const here = useHydrated();
  const [now, setNow] = useState(() => new Date().toISOString());
  useEffect(() => {
    const ticking = setInterval(() => setNow(new Date().toISOString()), EVERY_MS);
    return () => clearInterval(ticking);
  }, []);
  // The server's clock is not the reader's: what runs is written once the page is here.
  if (!here) return "Stop";
  const seconds = Math.floor((beforeMin + ranFor(since, now)) * 60);
  return `Stop ${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
}
