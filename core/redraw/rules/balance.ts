import { call } from "../../drafting/index.ts";
import { type DrawRule, instead, NO_AMOUNT } from "./rule.ts";

/** The side seam is moved over its whole length: it runs out at the levels beside the one named. */
const BLEND_MM = 400;

/** A side seam that swings: what one half is given the other gives, at each edge. */
export const drawBalance: DrawRule = (change, draft) => {
  const { amountMm, remedy, zone } = change;
  if (amountMm === null) return NO_AMOUNT;
  const there =
    draft.levels.find(({ level, past }) => level === zone && !past) ?? draft.levels.find(({ past }) => !past);
  if (!there) return instead("These pieces have no level to move the side seam at.");
  const amount = remedy === "balance-back" ? -Math.abs(amountMm) : Math.abs(amountMm);
  return { calls: [call("shiftGirth", { level: there.level, amount, blend: BLEND_MM })] };
};
