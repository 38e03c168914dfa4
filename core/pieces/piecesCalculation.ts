import type { CalculatedStyle, Calculation } from "../calculation/index.ts";
import { type Recipe, recipeOf } from "../drafting/index.ts";
import { lately } from "../lately.ts";
import { freshOptions, optionFields, type SetOptions } from "./optionFields.ts";
import { NO_PIECES, type PieceFacts, pieceFactsOf } from "./pieceFacts.ts";
import { type PiecesReckoning, reckonPieces } from "./reckonPieces.ts";
import type { SaidOfOptions } from "./said/saidOfOptions.ts";
import { STEPS } from "./steps.ts";

/** Pieces as a calculation of a job: of a recipe with its options, or of what else the maker enters. */
export interface PiecesCalculation<Working extends object = SetOptions>
  extends Calculation<Working, PieceFacts, PiecesReckoning> {
  readonly recipe: Pick<Recipe, "id" | "name" | "summary" | "options" | "costly">;
}

/** So many answers of a costly recipe are kept. */
const MOST_COSTLY = 40;

/**
 * A recipe as a calculation of a job: its options are what the maker enters, its pieces what comes of it.
 *
 * @param said what the rest of the job says of options.
 * @throws RangeError for a recipe that is not there.
 */
export function piecesCalculation(
  recipeId: string,
  appears: (style: CalculatedStyle) => boolean,
  said: SaidOfOptions = {},
): PiecesCalculation {
  const recipe = recipeOf(recipeId);
  if (!recipe) throw new RangeError(`There is no recipe ${recipeId}.`);
  const reckon = (set: SetOptions, facts: PieceFacts) => reckonPieces(recipe, set, facts);
  return {
    recipe,
    step: "pieces",
    fresh: freshOptions(recipe),
    fields: optionFields(recipe),
    unfielded: { steps: STEPS },
    appears,
    // Every page of a job gathers the facts of all calculations: what its style never draws costs nothing.
    facts: (job) => (appears(job.style) ? pieceFactsOf(recipe, job, said) : NO_PIECES),
    reckon: recipe.costly ? lately(reckon, { most: MOST_COSTLY }) : reckon,
  };
}
