import type { Traced } from "../../core/drafting/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";

/** Most places of a curve, and fewest. */
const [MOST, LEAST] = [100, 3] as const;

/** What stands between the two numbers of a place: a comma may be a decimal point. */
const BETWEEN = /[\s;]+/;

/** A number as it is typed. */
const NUMBER = /^[-−+]?\d+([.,]\d+)?$/;

/**
 * Reads a curve as it is read off a bent ruler: a line a place, how far along and how far off, mm.
 * @returns its places; or `curve-unreadable` with the line, `curve-too-short`, `curve-too-long`. Whether it fits an edge is for that to say.
 */
export function readCurveText(text: string): Result<Traced> {
  const points: Traced = [];
  for (const [at, line] of text.split("\n").entries()) {
    if (line.trim() === "") continue;
    const [along, off, ...more] = line.trim().split(BETWEEN);
    if (!along || !off || more.length > 0 || ![along, off].every((one) => NUMBER.test(one)))
      return fail(
        "curve-unreadable",
        `Line ${at + 1}: expected two numbers in mm, along and off, such as 120 14.5, but got “${line.trim().slice(0, 40)}”.`,
      );
    points.push({ along: numberOf(along), off: numberOf(off) });
  }
  return withinCount(points);
}

const numberOf = (text: string): number => Number(text.replace("−", "-").replace(",", "."));

function withinCount(points: Traced): Result<Traced> {
  if (points.length < LEAST)
    return fail(
      "curve-too-short",
      `Expected at least ${LEAST} places of the curve, its two ends among them, but there are ${points.length}.`,
    );
  if (points.length > MOST)
    return fail("curve-too-long", `Expected at most ${MOST} places of the curve, but there are ${points.length}.`);
  const first = points[0]?.along ?? 0;
  return ok(points.map(({ along, off }) => ({ along: along - first, off })));
}

/** A curve as it is typed, a line a place. */
export const curveText = (points: Traced): string => points.map(({ along, off }) => `${along} ${off}`).join("\n");

/** The same curve gone along from its other end, or lying to the other side. */
export const laidOtherwise = (
  points: Traced,
  { turned, flipped }: { readonly turned: boolean; readonly flipped: boolean },
): Traced => {
  const whole = points.at(-1)?.along ?? 0;
  const way = turned ? points.toReversed().map(({ along, off }) => ({ along: whole - along, off })) : points;
  return flipped ? way.map(({ along, off }) => ({ along, off: -off })) : way;
};
