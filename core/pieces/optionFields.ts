import type { FieldsOf, WorkingField } from "../calculation/index.ts";
import type { OperationCall, Recipe, RecipeOption } from "../drafting/index.ts";

/** Options as they were set: null for one that is left as usual; beside them the steps that were drawn on the pieces. */
export type SetOptions = Readonly<Record<string, number | string | null | readonly OperationCall[]>>;

/** Options before any is set, and pieces before any step. */
export const freshOptions = ({ options }: Recipe): SetOptions => ({
  ...Object.fromEntries(options.map((option) => [option.id, option.as === "choice" ? option.usual : null])),
  steps: [],
});

/** Steps that were drawn on the pieces, of whatever draws them. */
export function stepsOf(working: object): readonly OperationCall[] {
  const { steps } = working as { readonly steps?: unknown };
  return Array.isArray(steps) ? (steps as readonly OperationCall[]) : [];
}

/** The options of a recipe as fields of a form. */
export const optionFields = ({ options }: Recipe): FieldsOf<SetOptions> =>
  Object.fromEntries(options.map((option) => [option.id, fieldOf(option)]));

function fieldOf(option: RecipeOption): WorkingField {
  const { name: label, about } = option;
  if (option.as === "choice")
    return {
      as: "choice",
      label,
      hint: about,
      choices: option.answers.map(({ id, name }) => ({ value: id, label: name })),
    };
  const { least, most, usual } = option;
  const hint = usual === null ? about : `${about} Empty: ${option.of === "length" ? `${usual} mm` : usual}.`;
  if (option.of === "length") return { as: "between", label, hint, leastMm: least, mostMm: most };
  return { as: "number", label, hint, least, most, whole: option.of === "count" };
}
