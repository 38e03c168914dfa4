import { type AnswerWord, CHECK_RULES, type CheckAnswer, isMeasureCode } from "../../core/body/index.ts";
import type { Fields } from "../form/unsaved.ts";

const PREFIX = "answer:";
const WORDS: readonly AnswerWord[] = ["confirmed", "corrected", "repaired"];
const SIDES = ["single", "left", "right"] as const;

/** Name of the form field that holds the answer to a check. */
export const answerField = ({ ruleId, code, side }: Omit<CheckAnswer, "word">): string =>
  `${PREFIX}${ruleId}:${code}:${side}`;

/** Reads the answers to checks from a form; what is no answer is left out, since the page wrote the names itself. */
export const readAnswers = (fields: Fields): CheckAnswer[] =>
  Object.entries(fields).flatMap(([name, text]): CheckAnswer[] => {
    if (!name.startsWith(PREFIX)) return [];
    const [ruleId, code = "", sideText] = name.slice(PREFIX.length).split(":");
    const word = WORDS.find((known) => known === text);
    const side = SIDES.find((known) => known === sideText);
    const rule = CHECK_RULES.find(({ id }) => id === ruleId);
    return rule && word && side && isMeasureCode(code) ? [{ ruleId: rule.id, code, side, word }] : [];
  });
