import { useEffect, useRef, useState } from "react";
import type { CutShape, Table } from "../../../core/layout/index.ts";
import type { AskedSearch, SearchedSo } from "./search.worker.ts";

/** A search goes on for so long, s; it can be asked to go on. */
export const SEARCH_S = 20;

/** A search for a shorter layout: what it has found so far. */
export interface Search {
  readonly running: boolean;
  readonly so: SearchedSo | null;
  readonly start: () => void;
  readonly stop: () => void;
}

/**
 * Searches for a shorter layout beside the page; stopped, the best so far stays. What is searched for is that of the moment: other
 * pieces or another table end it.
 */
export function useSearch(shapes: readonly CutShape[], table: Table | null): Search {
  const [running, setRunning] = useState(false);
  const [found, setFound] = useState<{ readonly for: readonly CutShape[]; readonly so: SearchedSo } | null>(null);
  const worker = useRef<Worker | null>(null);
  const stop = () => {
    worker.current?.terminate();
    worker.current = null;
    setRunning(false);
  };
  // What is searched for has changed, or the page is left.
  // biome-ignore lint/correctness/useExhaustiveDependencies: a search is of these shapes on this table
  useEffect(
    () => () => {
      worker.current?.terminate();
      worker.current = null;
      setRunning(false);
    },
    [shapes, table],
  );
  const start = () => {
    if (!table) return;
    stop();
    const own = new Worker(new URL("./search.worker.ts", import.meta.url), { type: "module" });
    worker.current = own;
    own.onmessage = ({ data }: MessageEvent<SearchedSo>) => {
      setFound((before) =>
        before?.for === shapes && before.so.lengthMm < data.lengthMm
          ? { for: shapes, so: { ...data, best: before.so.best, lengthMm: before.so.lengthMm } }
          : { for: shapes, so: data },
      );
      if (data.ended) stop();
    };
    setRunning(true);
    const asked: AskedSearch = { shapes, table, seconds: SEARCH_S };
    own.postMessage(asked);
  };
  return { running, so: found?.for === shapes ? found.so : null, start, stop };
}
