import type { Draft, OperationCall } from "../../drafting/index.ts";
import type { Change } from "../../fitting/index.ts";

/** How a change is drawn: operations on the pieces, one after the other; or what is done instead, in a sentence. */
export type Drawn = { readonly calls: readonly OperationCall[] } | { readonly instead: string };

/** Turns a decided change into operations on drawn pieces. */
export type DrawRule = (change: Change, draft: Draft) => Drawn;

/** A change that is not drawn, with what is done in its place. */
export const instead = (sentence: string): Drawn => ({ instead: sentence });

/** Where the amount of a change is not known yet. */
export const NO_AMOUNT = instead("It has no amount: nothing is drawn until one is decided.");

/** Of a pattern whose lengths alone are told, one side is told like the other. */
export const oneSideOnly = ({ side }: Pick<Change, "side">): Drawn | null =>
  side === "both"
    ? null
    : instead(`What is stated of the pattern stands for both sides: change the ${side} side on the cut piece.`);

/** A change of length on one side: the middle belongs to both sides, and the side seam to front and back. */
export const atOneSide = <Amounts extends { readonly centre: number; readonly side: number }>(
  { side: of }: Pick<Change, "side">,
  amounts: readonly Amounts[],
): readonly Amounts[] | null => {
  if (of === "both") return amounts;
  const along = amounts.length === 2 && amounts.every(({ side }) => side !== 0);
  return along ? amounts.map((one) => ({ ...one, centre: 0 })) : null;
};

/** What is said where a length of one side would end at the middle. */
export const ENDS_IN_THE_MIDDLE = instead(
  "On one side alone it would end at the middle, or in the side of one piece: take it as a wedge on the cut piece, or give front and back alike.",
);
