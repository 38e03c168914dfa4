import type { ChoiceOption, NumberOption } from "./recipe.ts";

type Range = readonly [least: number, most: number, usual: number | null];

const numberOf =
  (of: NumberOption["of"]) =>
  (id: string, name: string, [least, most, usual]: Range, about: string): NumberOption => ({
    ...{ as: "number", of, id, name, least, most, usual, about },
  });

/** A length that may be set, mm: its range and what is usual, null where it has to be told. */
export const numberOption = numberOf("length");

/** A part of something that may be set. */
export const ratioOption = numberOf("ratio");

/** How many of something. */
export const countOption = numberOf("count");

/** One of a few answers; the first is usual. */
export const choiceOption = (
  id: string,
  name: string,
  answers: readonly (readonly [id: string, name: string])[],
  about: string,
): ChoiceOption => ({
  as: "choice",
  id,
  name,
  answers: answers.map(([answer, said]) => ({ id: answer, name: said })),
  usual: answers[0]?.[0] ?? "",
  about,
});

/** The width of the cloth: every recipe cuts from one. */
export const ROLL_WIDTH = numberOption(
  "roll_width",
  "Width of the cloth",
  [300, 3200, 1500],
  "No piece may be wider than it.",
);

/** What is added at seams. */
export const SEAM_ALLOWANCE = numberOption("seam_allowance", "Seam allowance", [0, 25, 6], "Added at every seam.");
