import { call, type Draft, type Piece, pointOf } from "../../drafting/index.ts";
import type { Change, Doing } from "../../fitting/index.ts";
import type { Landing } from "../landing.ts";
import { cupsIn, drawFullness } from "./cup.ts";
import { type Drawn, type DrawRule, instead, NO_AMOUNT, together } from "./rule.ts";

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
  "By hand: these pieces have no apex marked. Measure apex to apex and shoulder to apex, or move the point on the pattern.",
);

/** The apex is moved, with the dart that turns about it. */
export const drawPoint: DrawRule = (change: Change, draft) => {
  if (change.parts.length === 0) return NO_AMOUNT;
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
  if (cupsIn(draft, change).length > 0) return fullnessMoved(change, draft, by);
  const piece = withApex(draft);
  if (!piece) return NO_APEX;
  return {
    calls: [call("movePoint", { piece: piece.id, point: "apex", ...by })],
    lands: [
      pointLanding(piece.id, "across", by.across, by.across < 0 ? "centre" : "side"),
      pointLanding(piece.id, "deep", by.down, by.down < 0 ? "up" : "down"),
    ],
  };
};

const pointLanding = (piece: string, measure: "across" | "deep", byMm: number, doing: Doing): Landing => ({
  ...{ piece, measure, of: "apex", byMm },
  ...(byMm === 0 ? {} : { cut: { line: "the apex, with the dart that turns about it", doing, edges: 2 } }),
});

/** What is said where no seam through the apex runs the way it is to go. */
const NO_SEAM = {
  across: instead("By hand: no seam runs across these cups. Move the upright seam at Pieces, and draw them anew."),
  down: instead(
    "By hand: no upright seam runs through the apex of these cups. Higher or lower it is another breast. Measure its lower and upper arc again, and draw the cups anew.",
  ),
} as const;

/** On cups the fullest place goes along the seams through the apex: outward along the one across, up and down along an upright one. */
function fullnessMoved(change: Change, draft: Draft, by: Readonly<Record<keyof typeof NO_SEAM, number>>): Drawn {
  const along: Drawn[] = [];
  for (const way of ["across", "down"] as const)
    if (by[way] !== 0) along.push(drawFullness(draft, change, way, by[way]) ?? NO_SEAM[way]);
  return together(along);
}
