import { pieceOf } from "../../drafting/index.ts";
import { amountsOf, type DrawnHalf, sideAmount } from "./amounts.ts";
import { bandFor } from "./length.ts";
import { call, type DrawRule, instead, NO_AMOUNT, oneSideOnly } from "./rule.ts";

/** A line is moved: with all below it where a length of the plan ends there, else between the lines beside it. */
export const drawLine: DrawRule = (change, draft) => {
  const amounts = amountsOf(change);
  const halves = (Object.keys(amounts) as DrawnHalf[]).filter((half) => draft.round.includes(half));
  if (halves.length === 0) return NO_AMOUNT;
  const one = oneSideOnly(change);
  if (one) return one;
  const side = sideAmount(amounts);
  const there = halves.every((half) => pieceOf(draft, half).levels.some(({ level }) => level === change.spot));
  if (!there) return instead("These pieces do not have that line: move it on the pattern.");
  return {
    calls: halves.map((half) => {
      const moves = change.parts.some((part) => part.id === half && part.lengthId !== "");
      if (!moves) return call("moveLevel", { piece: half, level: change.spot, centre: amounts[half], side });
      const [from, to] = bandFor(change, draft, half);
      return call("lengthen", { piece: half, from, to, centre: amounts[half], side });
    }),
  };
};
