import { call, pieceOf, timesRound } from "../../drafting/index.ts";
import type { Landing } from "../landing.ts";
import { girthDoing } from "./girth.ts";
import { type DrawRule, instead, inWords, NO_AMOUNT } from "./rule.ts";

/** The side seam is moved over its whole length: it runs out at the levels beside the one named. */
const BLEND_MM = 400;

/** A side seam that swings: what one half is given the other gives, at each edge. */
export const drawBalance: DrawRule = (change, draft) => {
  const { amountMm, remedy, zone } = change;
  if (amountMm === null) return NO_AMOUNT;
  const both = ["front", "back"].every((half) => draft.round.includes(half));
  const there =
    draft.levels.find(({ level, past }) => level === zone && !past) ?? draft.levels.find(({ past }) => !past);
  if (!both || !there)
    return instead(
      "By hand: these pieces have no side seam between a front and a back at that level. Give to one side of the seam there and take as much from the other.",
    );
  const amount = remedy === "balance-back" ? -Math.abs(amountMm) : Math.abs(amountMm);
  const line = `side seam at the ${inWords(there.level)}, to nothing at the levels beside it`;
  const lands = (["front", "back"] as const).map((half): Landing => {
    const byMm = half === "front" ? amount : -amount;
    const cut = { line, doing: girthDoing(byMm), edges: timesRound(pieceOf(draft, half)) } as const;
    return { piece: half, measure: "width", of: there.level, byMm, cut };
  });
  return { calls: [call("shiftGirth", { level: there.level, amount, blend: BLEND_MM })], lands };
};
