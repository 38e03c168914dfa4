import {
  asCurved,
  curved,
  directionAt,
  distance,
  type Edge,
  lengthNearest,
  moved,
  offsetOf,
  type Point,
  partAlong,
  placeAt,
  point,
  reversed,
  straight,
} from "../geometry/index.ts";
import {
  edgeLength,
  edgeOf,
  outward,
  type Piece,
  type PieceEdge,
  type SideEnd,
  type TakenFrom,
} from "../piece/index.ts";
import { lineAcross } from "./lineAcross.ts";
import type { TakenDrawn } from "./rule.ts";

/** Where the side leans so far that the two lines come nearer than this part of the height, there is no room for a band. */
const LEAST_PART = 0.6;

/** Two lines are held against one another at so many places. */
const PLACES = 24;

/** The arrow of the grain is this part of the band's height. */
const GRAIN_PART = 0.6;

/** A band within a half: from one line across it, at a level, down to another so far below it, the side between them. */
export function bandEdges(
  taken: Piece,
  from: Piece,
  { level: id, heightMm }: Extract<TakenFrom, { kind: "band" }>,
): TakenDrawn | null {
  const level = from.levels.find((line) => line.level === id);
  const side = edgeOf(from, "side");
  if (!level) return null;
  const startMm = lengthNearest(side.lines, level.to);
  if (startMm + heightMm > edgeLength(side)) return null;
  const sideLines = partAlong(side.lines, startMm, startMm + heightMm);
  const [first, last] = [sideLines[0], sideLines.at(-1)];
  const [downFirst, downLast] = [first && directionAt(first, 0), last && directionAt(last, 1)];
  if (!first || !last || !downFirst || !downLast) return null;
  const ends = [
    { at: first.from, down: downFirst },
    { at: last.to, down: downLast },
  ] as const;
  // As high all along: sewn on along both lines it lies flat.
  const upper = lineAcross(level.from, ends[0]);
  const lower = alongside(upper, heightMm, ends[1]);
  const [top, low] = [level.from, lower[0]?.from];
  if (!low || leastApart(upper, lower) < LEAST_PART * heightMm) return null;
  const lines: Readonly<Record<string, PieceEdge["lines"]>> = {
    upper: [upper],
    side: sideLines,
    lower: lower.map(reversed).toReversed(),
    centre: [straight(low, top)],
  };
  const middle = (top.x + first.from.x) / 3;
  return {
    edges: taken.edges.map((edge) => ({ ...edge, lines: lines[edge.id] ?? edge.lines })),
    levels: [level],
    grain: {
      from: point(middle, low.y - GRAIN_PART * heightMm),
      to: point(middle, top.y + GRAIN_PART * heightMm),
    },
  };
}

/** A line so far below another, which ends on the side, square to it: the side bends between the two, and its end is drawn over there. */
function alongside(above: Edge, heightMm: number, { at, down }: SideEnd): Edge[] {
  const below = offsetOf(above, heightMm);
  const last = below.at(-1);
  if (!last) return [];
  const { from, leave, arrive, to } = asCurved(last);
  return [...below.slice(0, -1), curved(from, leave, moved(at, outward(down), -distance(arrive, to)), at)];
}

/** How near a line comes to one above it: below 0 where it crosses it. */
function leastApart(above: Edge, below: readonly Edge[]): number {
  const upper = placesAlong(above);
  const apart = below.flatMap(placesAlong).map((place) => {
    const nearest = upper.reduce((best, one) => (distance(one, place) < distance(best, place) ? one : best));
    return place.y < nearest.y ? -distance(nearest, place) : distance(nearest, place);
  });
  return Math.min(...apart);
}

const placesAlong = (edge: Edge): Point[] =>
  Array.from({ length: PLACES + 1 }, (_, nth) => placeAt(edge, nth / PLACES));
