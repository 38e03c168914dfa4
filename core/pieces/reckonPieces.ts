import type { Lack, Reckoning } from "../calculation/index.ts";
import { type CheckAnswer, checkDraft, type Draft, drawBy, type Recipe } from "../drafting/index.ts";
import { NEAR_LIMIT_SHARE } from "../ease/index.ts";
import { holdsFor } from "../standing/index.ts";
import { type SetOptions, stepsOf } from "./optionFields.ts";
import type { PieceFacts } from "./pieceFacts.ts";
import { afterSteps, type DrawnStep, stepWarnings } from "./steps.ts";

/** What pieces come to: the draft with every rule it was held against; null while something lacks. */
export interface PiecesReckoning extends Reckoning {
  readonly draft: Draft | null;
  readonly checks: readonly CheckAnswer[];
  /** What was drawn on the pieces after they were drafted. */
  readonly steps: readonly DrawnStep[];
}

/** Draws the pieces of a recipe from a job's facts and the options that were set. */
export function reckonPieces(recipe: Recipe, set: SetOptions, facts: PieceFacts): PiecesReckoning {
  const options = optionsSet(recipe, set, facts);
  const untold: Lack[] = recipe.options
    .filter((option) => option.usual === null && !(option.id in options))
    .map(({ name }) => ({ what: "entry", name: name.toLowerCase() }));
  const nothing = { draft: null, checks: [], steps: [], numbers: [], notes: [], warnings: [] };
  const lacks = [...facts.lacks, ...untold];
  if (lacks.length > 0) return { ...nothing, lacks };
  const drawn = drawBy(recipe.id, { ...facts.drawn, options });
  if (!drawn.ok) return { ...nothing, lacks: [], warnings: [drawn.problem.message] };
  const { draft, steps } = afterSteps(drawn.value, stepsOf(set));
  return {
    draft,
    steps,
    checks: checkDraft(draft),
    numbers: [
      ...draft.numbers.map(({ id, explanation }) => ({ id, name: explanation.title, explanation })),
      ...facts.numbers,
    ],
    lacks: [],
    notes: [...facts.notes, ...draft.notes],
    warnings: [...stepWarnings(steps), ...leftBehind(draft, facts)],
  };
}

/** Where a front that is as wide as the body leaves its back more than it has. */
function leftBehind({ numbers, recipe }: Draft, { usable }: PieceFacts): string[] {
  const strain = numbers.find(({ id }) => id === "wingStrain")?.explanation.result.value;
  if (strain === undefined || usable === null || strain <= NEAR_LIMIT_SHARE * usable) return [];
  const [left, gives] = [strain, usable].map((ratio) => `${(ratio * 100).toFixed(1)} %`);
  const past = strain > usable ? "more than the" : `over ${NEAR_LIMIT_SHARE} of the`;
  const way =
    recipe === "wiredBra"
      ? "work the band out at Band, and take its girth into the ease plan"
      : "plan a larger girth below the bust";
  return [
    `The front is as wide as the body there and does not stretch: all that the band is smaller is left to its back, which is strained ${left}, ${past} ${gives} its cloth gives: ${way}.`,
  ];
}

/** Options that were set, and of those that were not what other steps were told, or what the style says; what is usual is left to the recipe. */
export const optionsSet = (
  { options }: Pick<Recipe, "options">,
  set: SetOptions,
  { usual, elsewhere, decided = {} }: Pick<PieceFacts, "usual" | "elsewhere" | "decided">,
): Record<string, number | string> =>
  Object.fromEntries(
    options.flatMap(({ id }) => {
      const told = elsewhere[id];
      const there = told && holdsFor(set, told) ? told.value : undefined;
      const value = decided[id]?.value ?? set[id] ?? there ?? usual[id];
      return typeof value === "number" || typeof value === "string" ? [[id, value] as const] : [];
    }),
  );
