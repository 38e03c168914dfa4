import type { MeasureCode } from "../measure.ts";
import { type MeasuredValue, measuredValue } from "../sheetValues.ts";
import type { CheckRule } from "./check.ts";

/** Over this part of the loop the five measures do not belong to one trunk. */
export const LOOP_TOLERANCE = 0.04;

const PARTS: readonly MeasureCode[] = ["front_waist", "crotch_front", "crotch_back", "back_waist"];

/** The loop with its parts. */
export const LOOP_CODES: readonly MeasureCode[] = ["trunk_loop", ...PARTS];

/** The loop and the sum of its parts, mm, where all five were taken and do not belong to one trunk; else null. */
export function loopOff(values: readonly MeasuredValue[]): { readonly loop: number; readonly sum: number } | null {
  const loop = measuredValue(values, "trunk_loop")?.mm;
  const parts = PARTS.flatMap((code) => measuredValue(values, code) ?? []);
  if (loop === undefined || parts.length < PARTS.length) return null;
  const sum = parts.reduce((total, { mm }) => total + mm, 0);
  return Math.abs(loop - sum) > LOOP_TOLERANCE * loop ? { loop, sum } : null;
}

/**
 * Compares the trunk loop with the four lengths it is made of; the two paths differ by a centimetre or two at the neck,
 * so only more than 4 % asks.
 */
export const loopCheck: CheckRule = {
  id: "body.loop",
  title: "Trunk loop",
  evaluate({ values }) {
    const off = loopOff(values);
    if (!off) return [];
    return [
      {
        ruleId: "body.loop",
        code: "trunk_loop",
        side: "single",
        template:
          "Trunk loop {loop}, but front waist, crotch front, crotch back and back waist add up to {sum}. More than 4 % apart: one of the five is off.",
        lengths: { ...off },
      },
    ];
  },
};
