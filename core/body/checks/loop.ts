import type { MeasureCode } from "../measure.ts";
import { type MeasuredValue, measuredValue } from "../sheetValues.ts";
import type { CheckRule } from "./check.ts";

/** Over this part of the loop the five measures do not belong to one trunk. */
export const LOOP_TOLERANCE = 0.04;

/** The loop with its parts. */
export const LOOP_CODES: readonly MeasureCode[] = [
  "trunk_loop",
  "front_waist",
  "crotch_front",
  "crotch_back",
  "back_waist",
];

/** True where all five were taken, and do not belong to one trunk. */
export function isLoopOff(values: readonly MeasuredValue[]): boolean {
  const [loop, ...parts] = LOOP_CODES.map((code) => measuredValue(values, code)?.mm ?? null);
  const known = parts.filter((mm) => mm !== null);
  if (loop === undefined || loop === null || known.length < parts.length) return false;
  return Math.abs(loop - known.reduce((total, mm) => total + mm, 0)) > LOOP_TOLERANCE * loop;
}

const PARTS: readonly MeasureCode[] = ["front_waist", "crotch_front", "crotch_back", "back_waist"];

/**
 * Compares the trunk loop with the four lengths it is made of; the two paths differ by a centimetre or two at the neck,
 * so only more than 4 % asks.
 */
export const loopCheck: CheckRule = {
  id: "body.loop",
  title: "Trunk loop",
  evaluate({ values }) {
    const loop = measuredValue(values, "trunk_loop");
    const parts = PARTS.flatMap((code) => measuredValue(values, code) ?? []);
    if (!loop || parts.length < PARTS.length) return [];
    const sum = parts.reduce((total, { mm }) => total + mm, 0);
    if (!isLoopOff(values)) return [];
    return [
      {
        ruleId: "body.loop",
        code: "trunk_loop",
        side: "single",
        template:
          "Trunk loop {loop}, but front waist, crotch front, crotch back and back waist add up to {sum}. More than 4 % apart: one of the five is off.",
        lengths: { loop: loop.mm, sum },
      },
    ];
  },
};
