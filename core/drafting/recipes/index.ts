export { shellOf } from "./corset/lining.ts";
export { mostPanelTurn } from "./corset/mostPanelTurn.ts";
export { cupSurfaces } from "./cup/cup.ts";
export type { CupFace, CupSurface, CupSurfacePatch } from "./cup/cupFaces.ts";
export type { DraftFacts, Given, Sided } from "./facts.ts";
export { readFacts } from "./readFacts.ts";
export type { ChoiceOption, Need, NumberOption, Recipe, RecipeOption } from "./recipe.ts";
export { drawBy, RECIPES, recipeOf } from "./recipes.ts";
