import { cupSurfaces, type DraftFacts, recipeOf } from "../../../../core/drafting/index.ts";

/** What is asked: cups by the recipe that draws them and its facts, under a key. */
interface Asked {
  readonly key: string;
  readonly recipe: string;
  readonly facts: DraftFacts;
}

/** Works out the surfaces of cups beside the page: each question is answered under its key. */
self.onmessage = ({ data: { key, recipe: id, facts } }: MessageEvent<Asked>) => {
  const recipe = recipeOf(id);
  const surfaces = recipe && cupSurfaces(recipe, facts);
  self.postMessage({ key, surfaces: surfaces?.ok ? surfaces.value : [] });
};
