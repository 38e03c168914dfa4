import { distance, lengthOfEdges, type Point, placeAlong } from "../geometry/index.ts";
import { pieceOf } from "../measured.ts";
import { edgeOf, edgeWords, type PieceEdge } from "../piece/index.ts";
import type { Check } from "./check.ts";

/** Each of the two edges is looked at in so many places. */
const PLACES = 60;

/** A distance may fall short by this, mm. */
const ROUNDED_MM = 0.1;

/** Edges that need room between them have it: a channel and the elastic below it. */
export const edgesApart: Check = {
  id: "edgesApart",
  holds: "Between a channel and the edge beside it there is room for both.",
  faults: (draft) =>
    (draft.clearances ?? []).flatMap(({ piece: id, edge, other, leastMm, why }) => {
      const piece = pieceOf(draft, id);
      const { mm, at } = nearestOf(edgeOf(piece, edge), edgeOf(piece, other));
      return mm >= leastMm - ROUNDED_MM
        ? []
        : [
            {
              ...{ piece: id, edge: other, at },
              message: `Expected ${leastMm.toFixed(0)} mm between ${edgeWords(edge)} and ${edgeWords(other)} of “${piece.name}” (${why}), but it is ${mm.toFixed(1)} mm.`,
            },
          ];
    }),
};

/** How near two edges come to one another, and where on the second. */
function nearestOf(first: PieceEdge, second: PieceEdge): { readonly mm: number; readonly at: Point } {
  const [from, to] = [placesOf(first), placesOf(second)];
  const all = to.map((at) => ({ at, mm: Math.min(...from.map((place) => distance(place, at))) }));
  return all.reduce((near, one) => (one.mm < near.mm ? one : near));
}

const placesOf = ({ lines }: PieceEdge): Point[] => {
  const whole = lengthOfEdges(lines);
  return Array.from({ length: PLACES + 1 }, (_, at) => placeAlong(lines, (whole * at) / PLACES) as Point);
};
