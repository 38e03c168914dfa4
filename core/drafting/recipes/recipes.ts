import { fail, ok, type Result } from "../../result.ts";
import type { Draft } from "../draft.ts";
import { withSeamNotches } from "../notches/index.ts";
import { biasSlip } from "./biasSlip/biasSlip.ts";
import { softBra, wiredBra } from "./bra/bra.ts";
import { brief } from "./brief/brief.ts";
import { camisole } from "./camisole/camisole.ts";
import { corset } from "./corset/corset.ts";
import { cup } from "./cup/cup.ts";
import type { DraftFacts } from "./facts.ts";
import { onePiece } from "./onePiece/onePiece.ts";
import { readFacts } from "./readFacts.ts";
import type { Recipe } from "./recipe.ts";
import { rectangle } from "./rectangle/rectangle.ts";
import { skirt } from "./skirt/skirt.ts";

/** Every recipe; adding one is adding a folder and a line here. */
export const RECIPES: readonly Recipe[] = [
  brief,
  onePiece,
  camisole,
  biasSlip,
  skirt,
  rectangle,
  cup,
  softBra,
  wiredBra,
  corset,
];

/** A recipe by its name; undefined for any other text. */
export const recipeOf = (id: string): Recipe | undefined => RECIPES.find((one) => one.id === id);

/** Draws pieces by a recipe. @returns them; `unknown-recipe`; or what {@link readFacts} or the recipe finds wrong. */
export function drawBy(id: string, facts: DraftFacts): Result<Draft> {
  const recipe = recipeOf(id);
  if (!recipe)
    return fail(
      "unknown-recipe",
      `Expected a recipe of ${RECIPES.map((one) => one.id).join(", ")}, but got “${id.slice(0, 40)}”.`,
    );
  const given = readFacts(recipe, facts);
  const drawn = given.ok ? recipe.draw(given.value) : given;
  return drawn.ok ? ok(withSeamNotches(drawn.value)) : drawn;
}
