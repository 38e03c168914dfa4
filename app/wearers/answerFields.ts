import {
  ANSWER_WORDS,
  type AnswerWord,
  CHECK_RULES,
  type CheckAnswer,
  isMeasureCode,
  type Side,
} from "../../core/body/index.ts";
import { choice, record } from "../../formats/form/index.ts";
import type { Fields } from "../form/unsaved.ts";

const SIDES: readonly Side[] = ["single", "left", "right"];
const WORDS = Object.keys(ANSWER_WORDS) as [AnswerWord, ...AnswerWord[]];

/** Name of all answers in a form. */
const ANSWERS = "answer";

/** One answer below it; the point of a rule's name would begin a name below, so it is written otherwise. */
const keyOf = ({ ruleId, code, side }: Omit<CheckAnswer, "word">): string =>
  `${ruleId.replaceAll(".", "/")}:${code}:${side}`;

/** What a key answers; null where it is no check's. */
function answered(key: string): Omit<CheckAnswer, "word"> | null {
  const [rule = "", code = "", sideText] = key.split(":");
  const ruleId = CHECK_RULES.find(({ id }) => id === rule.replaceAll("/", "."))?.id;
  const side = SIDES.find((known) => known === sideText);
  return ruleId && side && isMeasureCode(code) ? { ruleId, code, side } : null;
}

/** Name of the form field that holds the answer to a check. */
export const answerField = (check: Omit<CheckAnswer, "word">): string => `${ANSWERS}.${keyOf(check)}`;

/** The answers to checks in a form, by check. */
export const answersSchema = record(choice("an answer", WORDS), (key) => answered(key) !== null);

/** The answers a form was read to hold. */
export const answersOf = (typed: Readonly<Record<string, AnswerWord>>): CheckAnswer[] =>
  Object.entries(typed).flatMap(([key, word]) => {
    const check = answered(key);
    return check ? [{ ...check, word }] : [];
  });

/** The answers in a form while it is typed. */
export const answersIn = (fields: Fields): CheckAnswer[] =>
  Object.entries(fields).flatMap(([name, text]) => {
    const word = WORDS.find((known) => known === text);
    const check = name.startsWith(`${ANSWERS}.`) ? answered(name.slice(ANSWERS.length + 1)) : null;
    return check && word ? [{ ...check, word }] : [];
  });
