import { ANSWER_WORDS, type AnswerWord, CATALOGUE, CHECK_RULES, type Side } from "../../../core/body/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { choice, group, orNull } from "../../../formats/form/index.ts";

/** Reads an answer to one check of a saved sheet; without a word it is taken back. */
export const readAnswer = formReader(
  group({
    ruleId: choice(
      "a check",
      CHECK_RULES.map(({ id }) => id),
    ),
    code: choice(
      "a measure",
      CATALOGUE.map(({ code }) => code),
    ),
    side: choice<readonly Side[]>("a side", ["single", "left", "right"]),
    word: orNull(choice("an answer", Object.keys(ANSWER_WORDS) as AnswerWord[])),
  }),
);
