import type { SwatchTest } from "./cloth.ts";
import type { Direction } from "./direction.ts";
import { evaluateHandTest } from "./handTest.ts";
import { evaluateLadder } from "./loadLadder.ts";
import type { DirectionSummary } from "./summary.ts";

/** How long a swatch lay before it was read again. */
export type Rest = "60s" | "30min";

/** Rests in words. */
export const REST_WORDS: Readonly<Record<Rest, string>> = { "60s": "after 60 s", "30min": "after 30 min" };

/** A smaller difference of two recoveries is reading error: nobody returns better. */
export const RECOVERY_MARGIN = 0.015;

/** The recovery of a test after a rest, ratio; null where it was not read after that one. */
export function recoveryAfter({ hand, ladder }: Pick<SwatchTest, "hand" | "ladder">, rest: Rest): number | null {
  if (ladder) {
    const restMm = rest === "60s" ? ladder.afterMm : ladder.after30MinMm;
    const read = evaluateLadder({ ...ladder, afterMm: restMm, after30MinMm: null });
    if (read.ok && read.value.recovery !== null) return read.value.recovery;
  }
  if (rest !== "60s" || !hand) return null;
  const byHand = evaluateHandTest(hand);
  return byHand.ok ? byHand.value.recovery : null;
}

/** How the directions of a cloth return, compared after one and the same rest. */
export type ReturnComparison =
  /** One direction returns better than every other by more than the margin. */
  | { readonly what: "best"; readonly direction: Direction; readonly rest: Rest; readonly byPoints: number }
  /** They lie within the margin. */
  | { readonly what: "alike"; readonly rest: Rest }
  /** No two directions were read after the same rest. */
  | { readonly what: "notComparable" };

/** The rest after which most directions were read; of equals the longer one, which tells more. */
function commonRest(summaries: readonly DirectionSummary[]): Rest | null {
  const read = (rest: Rest) => summaries.filter(({ test }) => recoveryAfter(test, rest) !== null).length;
  const [long, short] = [read("30min"), read("60s")];
  if (Math.max(long, short) < 2) return null;
  return long >= short ? "30min" : "60s";
}

/** Which direction returns best: like compared with like, and none where the difference is within reading error. */
export function compareReturns(summaries: readonly DirectionSummary[]): ReturnComparison {
  const rest = commonRest(summaries);
  if (rest === null) return { what: "notComparable" };
  const read = summaries
    .flatMap(({ direction, test }) => {
      const recovery = recoveryAfter(test, rest);
      return recovery === null ? [] : [{ direction, recovery }];
    })
    .toSorted((a, b) => b.recovery - a.recovery);
  const [best, second] = read;
  if (!best || !second) return { what: "notComparable" };
  const ahead = best.recovery - second.recovery;
  // Exactly the margin is a winner, whatever binary fractions make of it.
  if (ahead < RECOVERY_MARGIN - 1e-9) return { what: "alike", rest };
  return { what: "best", direction: best.direction, rest, byPoints: ahead * 100 };
}

/** True where one direction returns better than another after a rest both were read after, by the margin or more. */
export function returnsBetter(one: DirectionSummary, other: DirectionSummary): boolean {
  const compared = compareReturns([one, other]);
  return compared.what === "best" && compared.direction === one.direction;
}
