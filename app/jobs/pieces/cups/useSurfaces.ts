import { useEffect, useRef, useState } from "react";
import type { CupSurface, DraftFacts } from "../../../../core/drafting/index.ts";

interface Surfaces {
  readonly key: string;
  readonly surfaces: readonly CupSurface[];
  /** False for a first answer, by a coarse net. */
  readonly settled: boolean;
}

/** The surfaces of cups from a worker, roughly at once and then settled; the last ones stand until the next are there, none before the first. */
export function useSurfaces(recipe: string, facts: DraftFacts): Pick<Surfaces, "surfaces" | "settled"> {
  const key = JSON.stringify({ recipe, facts });
  const [answer, setAnswer] = useState<Surfaces | null>(null);
  const worker = useRef<Worker | null>(null);
  useEffect(() => () => worker.current?.terminate(), []);
  useEffect(() => {
    worker.current ??= new Worker(new URL("./surface.worker.ts", import.meta.url), { type: "module" });
    worker.current.onmessage = ({ data }: MessageEvent<Surfaces>) => setAnswer(data);
    worker.current.postMessage({ key, ...JSON.parse(key) });
  }, [key]);
  return answer ?? { surfaces: [], settled: false };
}
