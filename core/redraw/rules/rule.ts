import type { Draft, OperationCall } from "../../drafting/index.ts";
import type { Change } from "../../fitting/index.ts";

/** How a change is drawn: operations on the pieces, one after the other; or what is done instead, in a sentence. */
export type Drawn = { readonly calls: readonly OperationCall[] } | { readonly instead: string };

/** Turns a decided change into operations on drawn pieces. */
export type DrawRule = (change: Change, draft: Draft) => Drawn;

/** An operation with its numbers. */
export const call = (operation: string, params: Readonly<Record<string, unknown>>): OperationCall => ({
  operation,
  params,
});

/** A change that is not drawn, with what is done in its place. */
export const instead = (sentence: string): Drawn => ({ instead: sentence });

/** Where the amount of a change is not known yet. */
export const NO_AMOUNT = instead("It has no amount: nothing is drawn until one is decided.");

/** Drawn pieces are alike left and right. */
export const oneSideOnly = ({ side }: Pick<Change, "side">): Drawn | null =>
  side === "both"
    ? null
    : instead(`Drawn pieces are alike on both sides: change the ${side} side on the cut piece, after it is printed.`);
