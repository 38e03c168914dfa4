import { median } from "../median.ts";

/** From so many past times on their median is taken. */
export const ENOUGH_TIMES = 3;

/** How long a step will take, minutes, and what says so. */
export interface StepMinutes {
  readonly minutes: number;
  /** The median of the workshop's own times, or a guess; `none` for a step nobody can guess. */
  readonly from: "own times" | "guess" | "none";
  /** How many own times there are. */
  readonly times: number;
}

/** How long a step will take: the median of the workshop's own times in the style from the third on, before that the style's guess. */
export const minutesOf = (past: readonly number[] = [], guessMin: number | null): StepMinutes =>
  past.length >= ENOUGH_TIMES
    ? { minutes: median(past), from: "own times", times: past.length }
    : { minutes: guessMin ?? 0, from: guessMin === null ? "none" : "guess", times: past.length };
