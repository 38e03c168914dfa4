import { fail, ok, type Result } from "../../result.ts";
import type { DraftFacts, Given, Sided } from "./facts.ts";
import type { Recipe, RecipeOption } from "./recipe.ts";

const larger = (sided: Sided): number => (typeof sided === "number" ? sided : Math.max(sided.left, sided.right));

/**
 * Looks the facts of a draft through.
 * @returns them to be read; or `missing` with everything that is, `not-a-length` for a number that is none above 0,
 *   `unknown-option` or `option-outside`.
 */
export function readFacts(recipe: Recipe, facts: DraftFacts): Result<Given> {
  const missing = [
    ...wanting("measure", recipe.measures, facts.measures),
    ...wanting("planned girth", recipe.girths, facts.girths),
    ...wanting("cut length", recipe.lengths, facts.lengths),
  ];
  if (missing.length > 0) return fail("missing", `Expected ${missing.join(", ")} for ${article(recipe)}.`);
  const used = [...usedOf(recipe.measures, facts.measures), ...usedOf(recipe.girths, facts.girths)];
  const all = [...used, ...usedOf(recipe.lengths, facts.lengths)];
  const odd = all.find(({ value }) => !sidesOf(value).every((mm) => Number.isFinite(mm) && mm > 0));
  if (odd)
    return fail("not-a-length", `Expected ${odd.id} to be a length above 0 mm, but got ${JSON.stringify(odd.value)}.`);
  const options = readOptions(recipe, facts.options);
  if (!options.ok) return options;
  const apart = new Set<string>(recipe.measures.flatMap((need) => (need.apart ? [need.id] : [])));
  const from = (values: Readonly<Record<string, Sided>>) => (id: string) => {
    const value = values[id];
    if (value === undefined) throw new RangeError(`${recipe.id} does not need ${id}.`);
    return larger(value);
  };
  return ok({
    measure: (code) => (code in facts.measures ? from(facts.measures)(code) : null),
    onSide: (code, side) => {
      const value = facts.measures[code];
      return value === undefined ? null : typeof value === "number" ? value : value[side];
    },
    girth: from(facts.girths),
    hasGirth: (zone) => zone in facts.girths,
    cut: from(facts.lengths),
    hasCut: (code) => code in facts.lengths,
    number: (id) => Number(options.value.get(id)),
    choice: (id) => String(options.value.get(id)),
    notes: all
      .filter(({ id, value }) => typeof value !== "number" && value.left !== value.right && !apart.has(id))
      .map(({ id }) => `Left and right differ in ${id}: drawn by the larger side.`),
  });
}

const article = ({ name }: Recipe) => `the ${name.toLowerCase()}`;
const sidesOf = (value: Sided): readonly number[] => (typeof value === "number" ? [value] : [value.left, value.right]);

const wanting = (
  what: string,
  needs: readonly { readonly id: string; readonly needed: boolean }[],
  values: Readonly<Record<string, Sided>>,
) => needs.filter(({ id, needed }) => needed && !(id in values)).map(({ id }) => `the ${what} ${id}`);

const usedOf = (needs: readonly { readonly id: string }[], values: Readonly<Record<string, Sided>>) =>
  needs.flatMap(({ id }) => {
    const value = values[id];
    return value === undefined ? [] : [{ id, value }];
  });

function readOptions(recipe: Recipe, set: DraftFacts["options"]): Result<ReadonlyMap<string, number | string>> {
  const known = recipe.options.map(({ id }) => id);
  const strange = Object.keys(set).find((id) => !known.includes(id));
  if (strange !== undefined)
    return fail("unknown-option", `Expected options of ${known.join(", ")}, but got “${strange.slice(0, 40)}”.`);
  const read = new Map<string, number | string>();
  for (const option of recipe.options) {
    const value = set[option.id] ?? option.usual;
    if (value === null) return fail("missing", `Expected the option ${option.id} for ${article(recipe)}.`);
    const expected = expectedOf(option, value);
    if (expected !== null)
      return fail("option-outside", `Expected ${option.id} to be ${expected}, but got ${JSON.stringify(value)}.`);
    read.set(option.id, value);
  }
  return ok(read);
}

/** What an option should have been; null where it is. */
function expectedOf(option: RecipeOption, value: number | string): string | null {
  if (option.as === "choice")
    return option.answers.some(({ id }) => id === value)
      ? null
      : `one of ${option.answers.map(({ id }) => id).join(", ")}`;
  const whole = option.of === "count";
  const fits = typeof value === "number" && Number.isFinite(value) && value >= option.least && value <= option.most;
  return fits && (!whole || Number.isInteger(value))
    ? null
    : `a ${whole ? "whole " : ""}number from ${option.least} to ${option.most}`;
}
