import { FINISHES, type FinishSettings, SHIPPED_FINISH_SETTINGS, WIDEST_HABIT_MM } from "../../../core/edges/index.ts";
import { type FormSchema, group, smallOrNone } from "../../../formats/form/index.ts";
import { numberText } from "../../form/numberText.ts";
import type { Fields } from "../../form/unsaved.ts";

/** Every habit, in the order of the finishes, with what it is called there. */
export const HABITS: readonly { readonly name: keyof FinishSettings; readonly label: string }[] = (
  Object.keys(SHIPPED_FINISH_SETTINGS) as (keyof FinishSettings)[]
).map((name) => ({
  name,
  label: FINISHES.find(({ id }) => `${id}Mm` === name)?.name ?? name,
}));

/** The schema of the form: an allowance each, which may be none. */
export const HABITS_FORM = group(
  Object.fromEntries(HABITS.map(({ name }) => [name, smallOrNone(WIDEST_HABIT_MM)])) as Record<
    keyof FinishSettings,
    FormSchema<number>
  >,
);

/** The fields the habits are edited from. */
export const habitFields = (habits: FinishSettings): Fields =>
  Object.fromEntries(HABITS.map(({ name }) => [name, `${numberText(habits[name])} mm`]));
