import type { MeasureCode, Side } from "../measure.ts";
import type { CheckFinding } from "./check.ts";

/** The maker's answer to a check: it is right as it stands, it was corrected, or a repair offered was taken. */
export type AnswerWord = "confirmed" | "corrected" | "repaired";

/** All answers with their words. */
export const ANSWER_WORDS: Readonly<Record<AnswerWord, string>> = {
  confirmed: "confirmed as it stands",
  corrected: "corrected",
  repaired: "repaired",
};

/** An answer, kept with its sheet. */
export interface CheckAnswer {
  readonly ruleId: string;
  readonly code: MeasureCode;
  readonly side: Side;
  readonly word: AnswerWord;
}

/** True where an answer is to this finding. */
export const answers = (
  answer: Omit<CheckAnswer, "word">,
  finding: Pick<CheckFinding, "ruleId" | "code" | "side">,
): boolean => answer.ruleId === finding.ruleId && answer.code === finding.code && answer.side === finding.side;
