import type { Draft, OneLine } from "../draft.ts";
import { angleBetween, directionAt, type Point, times, type Vector } from "../geometry/index.ts";
import type { Check, Fault } from "./check.ts";

/** A line that goes on over a seam may turn there by this, degrees. */
const SMOOTH_DEG = 2;

/** Edges of two pieces that lie in one line once their seam is closed go on without a corner. */
export const linesGoOn: Check = {
  id: "linesGoOn",
  holds: "Edges go on over their seams without a corner.",
  faults: (draft) => draft.oneLines.flatMap((line) => faultOf(draft, line)),
};

function faultOf(draft: Draft, { first, second }: OneLine): Fault[] {
  const [one, other] = [cornerOf(draft, first), cornerOf(draft, second)];
  const named = `${first.piece} ${first.edge} and ${second.piece} ${second.edge}`;
  if (!one || !other) return [{ message: `Expected ${named} to meet over a seam, but one of them is not there.` }];
  // The two corners lie side by side along the seam: together they are a straight angle.
  const turn = Math.abs(one.deg + other.deg - 180);
  if (turn <= SMOOTH_DEG) return [];
  return [
    {
      piece: first.piece,
      edge: first.edge,
      at: one.at,
      message: `Expected ${named} to go on in one line over their seam, but it turns by ${turn.toFixed(1)}° there.`,
    },
  ];
}

/** The inner angle between an edge and the seam at its end. */
function cornerOf(draft: Draft, { piece, edge, end }: OneLine["first"]): { deg: number; at: Point } | null {
  const edges = draft.pieces.find(({ id }) => id === piece)?.edges ?? [];
  const index = edges.findIndex(({ id }) => id === edge);
  const beside = edges.at(end === "end" ? (index + 1) % edges.length : index - 1);
  const mine = edges[index];
  const [arriving, leaving] = end === "end" ? [mine, beside] : [beside, mine];
  const [last, first] = [arriving?.lines.at(-1), leaving?.lines[0]];
  const [on, off] = [last && directionAt(last, 1), first && directionAt(first, 0)];
  return first && on && off ? { deg: innerAngle(on, off), at: first.from } : null;
}

/** The angle inside a piece gone round clockwise, degrees, 0 to 360. */
function innerAngle(arriving: Vector, leaving: Vector): number {
  const deg = (angleBetween(leaving, times(arriving, -1)) * 180) / Math.PI;
  return deg < 0 ? deg + 360 : deg;
}
