import { type Static, Type } from "typebox";
import { isoDay } from "../schemaParts.ts";
import { MOST_MACHINES, MOST_RECIPES, machineSchema } from "./machine.ts";
import { type SeamSetup, setupSchema } from "./setup.ts";

/** A set-up that held, kept for later jobs. */
export const recipeSchema = Type.Object(
  {
    id: Type.Integer({ minimum: 1 }),
    clothClass: Type.Enum(["stable", "light", "moderate", "high", "power"]),
    setup: setupSchema,
    /** σ as it was tried, ratio. */
    stretch: Type.Number({ minimum: 0, maximum: 50 }),
    /** The job it was tried for: a seam that pops there reopens it. Its name is looked up, never kept: it may be of a person who is erased. */
    jobId: Type.Integer({ minimum: 1 }),
    trialId: Type.Integer({ minimum: 1 }),
    /** ISO day it was kept on. */
    on: isoDay(),
    /** ISO day a seam sewn so popped on: it is open again. Null while it holds. */
    reopenedOn: Type.Union([isoDay(), Type.Null()]),
  },
  { additionalProperties: false },
);

/** A set-up that held. */
export type SeamRecipe = Static<typeof recipeSchema>;

/** Machines of a workshop, as they are kept. */
export const MACHINES = Type.Object(
  { rows: Type.Array(machineSchema, { maxItems: MOST_MACHINES }) },
  { additionalProperties: false },
);

/** Recipes of a workshop, as they are kept. */
export const RECIPES = Type.Object(
  { rows: Type.Array(recipeSchema, { maxItems: MOST_RECIPES }) },
  { additionalProperties: false },
);

/** Machines of a workshop. */
export type Machines = Static<typeof MACHINES>;

/** Recipes of a workshop. */
export type Recipes = Static<typeof RECIPES>;

/** Recipes for cloth of a class in so many layers: those that hold before those that are open again, then the newest. */
export const recipesFor = (
  { rows }: Recipes,
  { clothClass, layers }: { readonly clothClass: SeamRecipe["clothClass"] | null; readonly layers: number },
): SeamRecipe[] =>
  rows
    .filter((one) => one.clothClass === clothClass && one.setup.layers === layers)
    .toSorted((a, b) => Number(a.reopenedOn !== null) - Number(b.reopenedOn !== null) || b.id - a.id);

/** The recipe with a set-up that held put among the others, in place of one for the same machine, stitch, class and layers. */
export function withRecipe({ rows }: Recipes, recipe: Omit<SeamRecipe, "id" | "reopenedOn">): Recipes {
  const same = (one: SeamRecipe) => one.clothClass === recipe.clothClass && sewnAlike(one.setup, recipe.setup);
  const id = Math.max(0, ...rows.map((one) => one.id)) + 1;
  const others = rows.filter((one) => !same(one)).slice(-(MOST_RECIPES - 1));
  return { rows: [...others, { ...recipe, id, reopenedOn: null }] };
}

const sewnAlike = (one: SeamSetup, other: SeamSetup): boolean =>
  one.machine === other.machine && one.stitch === other.stitch && one.layers === other.layers;

/**
 * Recipes with those open again that a job was tried or is sewn with, since a seam of it popped.
 * @param used the set-up it is sewn with; null while none was chosen.
 * @param on the day it popped, ISO.
 */
export const reopened = (
  { rows }: Recipes,
  { jobId, used, on }: { readonly jobId: number; readonly used: SeamSetup | null; readonly on: string },
): Recipes => ({
  rows: rows.map((one) =>
    one.reopenedOn === null && (one.jobId === jobId || (used !== null && sewnAlike(one.setup, used)))
      ? { ...one, reopenedOn: on }
      : one,
  ),
});
