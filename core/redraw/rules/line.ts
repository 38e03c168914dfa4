import { call, pieceOf } from "../../drafting/index.ts";
import { onHalves } from "./amounts.ts";
import { lengthened } from "./length.ts";
import { atOneSide, type DrawRule, ENDS_IN_THE_MIDDLE, instead, NO_AMOUNT } from "./rule.ts";

/** A line is moved: with all below it where a length of the plan ends there, else between the lines beside it. */
export const drawLine: DrawRule = (change, draft) => {
  const { halves, side } = onHalves(change, draft);
  if (halves.length === 0) return NO_AMOUNT;
  const there = halves.every(({ half }) => pieceOf(draft, half).levels.some(({ level }) => level === change.spot));
  if (!there) return instead("These pieces do not have that line: move it on the pattern.");
  const given = atOneSide(
    change,
    halves.map(({ half, centre }) => ({ half, centre, side })),
  );
  if (!given) return ENDS_IN_THE_MIDDLE;
  return {
    calls: given.map(({ half, ...amounts }) => {
      const moves = change.parts.some((part) => part.id === half && part.lengthId !== "");
      return moves
        ? lengthened(change, draft, half, amounts)
        : call("moveLevel", { piece: half, level: change.spot, ...amounts });
    }),
  };
};
