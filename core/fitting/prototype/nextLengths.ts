import type { PlannedLengthAnswer } from "../../ease/index.ts";
import { type LengthChanging, lengthEffects, liesWithin } from "../change/lengthEffects.ts";
import type { FrozenLength } from "./frozenPlan.ts";

/** A length from body and cloth, before any change. mm. */
export type CutLength = Omit<FrozenLength, "changedMm" | "nowMm">;

/** A length on its way to the next prototype, mm; what has changed it are all decided changes of it, and of every length within it. */
export type NextLength = FrozenLength;

/** Lengths of the plan with every decided change of them in. */
export function nextLengths(lengths: readonly CutLength[], changes: readonly LengthChanging[]): NextLength[] {
  const effects = changes.flatMap(lengthEffects);
  return lengths.map((length) => {
    const changedMm = effects
      .filter(({ lengthId }) => liesWithin(lengthId, length, lengths))
      .reduce((sum, { byMm }) => sum + byMm, 0);
    return { ...length, changedMm, nowMm: length.cutMm + changedMm };
  });
}

/** The lengths that a school could plan, as they are cut from body and cloth. */
export const cutLengths = (answers: readonly PlannedLengthAnswer[]): CutLength[] =>
  answers.flatMap(({ id, name, answer }) =>
    answer.ok
      ? [
          {
            id,
            name,
            bodyMm: answer.value.bodyMm,
            cutMm: answer.value.cutMm,
            codes: answer.value.segments.map(({ code }) => code),
          },
        ]
      : [],
  );
