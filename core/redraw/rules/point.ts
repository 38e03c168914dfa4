import { type Draft, type Piece, pointOf } from "../../drafting/index.ts";
import type { Change } from "../../fitting/index.ts";
import { call, type DrawRule, instead, NO_AMOUNT } from "./rule.ts";

/** Which way each part of a moved point goes: away from the centre, and down. */
const WAYS: Readonly<Record<string, { readonly across: number; readonly down: number }>> = {
  up: { across: 0, down: -1 },
  down: { across: 0, down: 1 },
  centre: { across: -1, down: 0 },
  side: { across: 1, down: 0 },
};

/** The front with the apex on it; null where none of the pieces has one. */
export const withApex = ({ pieces }: Draft): Piece | null => pieces.find((piece) => pointOf(piece, "apex")) ?? null;

/** What is said where no apex is marked. */
export const NO_APEX = instead(
  "These pieces have no apex marked: measure apex to apex and shoulder to apex, or move the point on the pattern.",
);

/** The apex is moved, with the dart that turns about it. */
export const drawPoint: DrawRule = (change: Change, draft) => {
  if (change.parts.length === 0) return NO_AMOUNT;
  const piece = withApex(draft);
  if (!piece) return NO_APEX;
  const by = change.parts.reduce(
    (sum, { id, amountMm }) => {
      const way = WAYS[id] ?? { across: 0, down: 0 };
      return {
        across: sum.across + way.across * Math.abs(amountMm),
        down: sum.down + way.down * Math.abs(amountMm),
      };
    },
    { across: 0, down: 0 },
  );
  return { calls: [call("movePoint", { piece: piece.id, point: "apex", ...by })] };
};
