import { term } from "../../../explain/index.ts";
import type { DraftNumber } from "../../draft.ts";
import { lengthNumber } from "../drawn.ts";
import type { Given } from "../facts.ts";

/** The four parts of the trunk loop, in its order. */
const PARTS = ["front_waist", "crotch_front", "crotch_back", "back_waist"] as const;

/** The loop down the front, through the crotch and up the back, as cut, mm. */
export interface TrunkCut {
  /** From shoulder to waist, front and back. */
  readonly frontWaistMm: number;
  readonly backWaistMm: number;
  readonly crotchFrontMm: number;
  readonly crotchBackMm: number;
  readonly loopMm: number;
  readonly numbers: readonly DraftNumber[];
  readonly notes: readonly string[];
}

/**
 * The parts of the trunk loop, so that together they are the needed loop: what their sum differs by is spread over them in
 * proportion. Without a loop it is their sum, and that is said.
 */
export function trunkCut(given: Given): TrunkCut {
  const parts = PARTS.map((code) => given.cut(code));
  const sum = parts.reduce((all, mm) => all + mm, 0);
  const loopMm = given.hasCut("trunk_loop") ? given.cut("trunk_loop") : sum;
  const [frontWaistMm = 0, crotchFrontMm = 0, crotchBackMm = 0, backWaistMm = 0] = parts.map(
    (mm) => (mm * loopMm) / sum,
  );
  const length = term("garment", "length");
  const terms = [
    length("T", "needed trunk loop", loopMm, given.hasCut("trunk_loop") ? "length of the plan" : "sum of its parts"),
  ];
  const all = length("S", "sum of its four parts as cut", sum, "lengths of the plan");
  const number = (id: string, title: string, code: (typeof PARTS)[number], value: number) =>
    lengthNumber(id, title, {
      formula: "L = l · T / S",
      terms: [length("l", `${code} as cut`, given.cut(code), "length of the plan"), ...terms, all],
      value,
    });
  return {
    frontWaistMm,
    backWaistMm,
    crotchFrontMm,
    crotchBackMm,
    loopMm,
    numbers: [
      number("front.shoulderToWaist", "Shoulder to waist, front", "front_waist", frontWaistMm),
      number("back.shoulderToWaist", "Shoulder to waist, back", "back_waist", backWaistMm),
      number("front.crotch", "Crotch front within the loop", "crotch_front", crotchFrontMm),
      number("back.crotch", "Crotch back within the loop", "crotch_back", crotchBackMm),
    ],
    notes: given.hasCut("trunk_loop") ? [] : ["No trunk loop was planned: it is the sum of its four parts."],
  };
}
