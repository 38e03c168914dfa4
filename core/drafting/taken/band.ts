import {
  asCurved,
  curved,
  directionAt,
  distance,
  type Edge,
  lengthNearest,
  moved,
  type Point,
  partAlong,
  placeAt,
  point,
  reversed,
  straight,
  times,
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
import { ACROSS, lineAcross } from "./lineAcross.ts";
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
  // As high at the centre as at the side: sewn on along both lines it lies flat.
  const [top, low] = [level.from, point(0, level.from.y + heightMm)];
  const upper = lineAcross(top, ends[0]);
  const lower = alongside(upper, low, ends[1]);
  if (leastApart(upper, lower) < LEAST_PART * heightMm) return null;
  const lines: Readonly<Record<string, PieceEdge["lines"]>> = {
    upper: [upper],
    side: sideLines,
    lower: [reversed(lower)],
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

/** A line from the centre to the side as another above it runs: square at both ends, its handles as long as there. */
function alongside(above: Edge, centre: Point, { at, down }: SideEnd): Edge {
  const { from, leave, arrive, to } = asCurved(above);
  const [leaving, arriving] = [distance(from, leave), distance(arrive, to)];
  return curved(centre, moved(centre, times(ACROSS, leaving)), moved(at, times(outward(down), -arriving)), at);
}

/** How far a line lies below one above it where they are nearest, gone along both alike; below 0 where they cross. */
const leastApart = (above: Edge, below: Edge): number =>
  Math.min(
    ...Array.from({ length: PLACES + 1 }, (_, nth) => placeAt(below, nth / PLACES).y - placeAt(above, nth / PLACES).y),
  );
