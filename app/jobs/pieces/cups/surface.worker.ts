import {
  cupSurfaces,
  type DraftFacts,
  FINE_NET,
  type NetSize,
  QUICK_NET,
  recipeOf,
} from "../../../../core/drafting/index.ts";

/** What is asked: cups by the recipe that draws them and its facts, under a key. */
interface Asked {
  readonly key: string;
  readonly recipe: string;
  readonly facts: DraftFacts;
}

let latest = "";

/**
 * Works out the surfaces of cups beside the page: each question is answered at once by a coarse net, and as it settles by a fine one, where
 * no other was asked meanwhile.
 */
self.onmessage = ({ data: { key, recipe, facts } }: MessageEvent<Asked>) => {
  latest = key;
  answer(key, recipe, facts, QUICK_NET);
  setTimeout(() => {
    if (latest === key) answer(key, recipe, facts, FINE_NET);
  });
};

function answer(key: string, id: string, facts: DraftFacts, net: NetSize): void {
  const recipe = recipeOf(id);
  const surfaces = recipe && cupSurfaces(recipe, facts, net);
  self.postMessage({ key, surfaces: surfaces?.ok ? surfaces.value : [], settled: net === FINE_NET });
}
