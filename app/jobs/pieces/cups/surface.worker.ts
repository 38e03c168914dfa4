import { cupSurfaces, type DraftFacts } from "../../../../core/drafting/index.ts";

/** Works out the surfaces of cups beside the page: each question is answered under its key. */
self.onmessage = ({ data: { key, facts } }: MessageEvent<{ readonly key: string; readonly facts: DraftFacts }>) => {
  const surfaces = cupSurfaces(facts);
  self.postMessage({ key, surfaces: surfaces.ok ? surfaces.value : [] });
};
