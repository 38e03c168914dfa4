import type { Draft, OperationCall } from "../../drafting/index.ts";
import type { Change } from "../../fitting/index.ts";
import type { Landing } from "../landing.ts";

/**
 * How a change is drawn: operations on the pieces, one after the other, with what each piece has to come to by them; or what is done
 * instead, in a sentence.
 */
export type Drawn = DrawnBy | { readonly instead: string };

/** A change as operations, and what they are to come to. */
export interface DrawnBy {
  readonly calls: readonly OperationCall[];
  readonly lands: readonly Landing[];
}

/** Turns a decided change into operations on drawn pieces. */
export type DrawRule = (change: Change, draft: Draft) => Drawn;

/** A change that is not drawn, with what is done in its place. */
export const instead = (sentence: string): { readonly instead: string } => ({ instead: sentence });

/** Where the amount of a change is not known yet. */
export const NO_AMOUNT = instead("It has no amount: nothing is drawn until one is decided.");

/** The name of a level or an edge as it is told: `highHip` is high hip. */
export const inWords = (id: string): string => id.replace(/([A-Z])/g, " $1").toLowerCase();

/** Several parts of a change drawn one after the other; the first that cannot be drawn says so for all of it. */
export function together(parts: readonly Drawn[]): Drawn {
  const all: DrawnBy[] = [];
  for (const part of parts) {
    if ("instead" in part) return part;
    all.push(part);
  }
  return { calls: all.flatMap(({ calls }) => calls), lands: all.flatMap(({ lands }) => lands) };
}

/** Of a pattern whose lengths alone are told, one side is told like the other. */
export const oneSideOnly = ({ side }: Pick<Change, "side">): { readonly instead: string } | null =>
  side === "both"
    ? null
    : instead(
        `By hand: what is stated of the pattern stands for both sides. Change the ${side} side on the cut piece.`,
      );
