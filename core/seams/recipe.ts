import { type Static, Type } from "typebox";
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
    /** Of which job and trial, in words. */
    from: Type.String({ maxLength: 300 }),
    /** The job it was tried for: a seam that pops there reopens it. */
    jobId: Type.Integer({ minimum: 1 }),
    trialId: Type.Integer({ minimum: 1 }),
    /** ISO day it was kept on. */
    on: Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$" }),
    /** Why it is open again: a seam sewn so popped. Null while it holds. */
    reopened: Type.Union([Type.String({ maxLength: 300 }), Type.Null()]),
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
    .toSorted((a, b) => Number(a.reopened !== null) - Number(b.reopened !== null) || b.id - a.id);

/** The recipe with a set-up that held put among the others, in place of one for the same machine, stitch, class and layers. */
export function withRecipe({ rows }: Recipes, recipe: Omit<SeamRecipe, "id" | "reopened">): Recipes {
  const same = (one: SeamRecipe) => one.clothClass === recipe.clothClass && sewnAlike(one.setup, recipe.setup);
  const id = Math.max(0, ...rows.map((one) => one.id)) + 1;
  const others = rows.filter((one) => !same(one)).slice(-(MOST_RECIPES - 1));
  return { rows: [...others, { ...recipe, id, reopened: null }] };
}

const sewnAlike = (one: SeamSetup, other: SeamSetup): boolean =>
  one.machine === other.machine && one.stitch === other.stitch && one.layers === other.layers;

/**
 * Recipes with those open again that a job was tried or is sewn with, since a seam of it popped.
 * @param used the set-up it is sewn with; null while none was chosen.
 */
export const reopened = (
  { rows }: Recipes,
  { jobId, used, why }: { readonly jobId: number; readonly used: SeamSetup | null; readonly why: string },
): Recipes => ({
  rows: rows.map((one) =>
    one.reopened === null && (one.jobId === jobId || (used !== null && sewnAlike(one.setup, used)))
      ? { ...one, reopened: why }
      : one,
  ),
});
