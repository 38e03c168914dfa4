import { useEffect, useRef, useState } from "react";
import type { CupSurface, DraftFacts } from "../../../../core/drafting/index.ts";

interface Surfaces {
  readonly key: string;
  readonly surfaces: readonly CupSurface[];
}

/** The surfaces of cups from a worker; the last ones stand until the next are there, none before the first. */
export function useSurfaces(recipe: string, facts: DraftFacts): readonly CupSurface[] {
  const key = JSON.stringify({ recipe, facts });
  const [answer, setAnswer] = useState<Surfaces | null>(null);
  const worker = useRef<Worker | null>(null);
  useEffect(() => () => worker.current?.terminate(), []);
  useEffect(() => {
    worker.current ??= new Worker(new URL("./surface.worker.ts", import.meta.url), { type: "module" });
    worker.current.onmessage = ({ data }: MessageEvent<Surfaces>) => setAnswer(data);
    worker.current.postMessage({ key, ...JSON.parse(key) });
  }, [key]);
  return answer?.surfaces ?? [];
}
