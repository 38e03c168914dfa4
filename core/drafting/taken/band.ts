import {
  directionAt,
  type Edge,
  lengthNearest,
  PLAIN,
  type Point,
  partAlong,
  point,
  reversed,
  smoothCurve,
  straight,
} from "../geometry/index.ts";
import {
  edgeLength,
  edgeOf,
  outward,
  type Piece,
  type PieceEdge,
  type SideEnd,
  sideRise,
  type TakenFrom,
} from "../piece/index.ts";
import type { TakenDrawn } from "./rule.ts";

/** Across a piece, away from the centre. */
const ACROSS = point(1, 0);

/** At the centre a band is at least so high, as a part of its height at the side. */
const LEAST_PART = 0.3;

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
  // As a level does, its lower line lies lower at a side that leans in.
  const [top, low] = [level.from, point(0, last.to.y + sideRise(ends[1]))];
  if (low.y - top.y < LEAST_PART * heightMm) return null;
  const lines: Readonly<Record<string, PieceEdge["lines"]>> = {
    upper: [lineAcross(top, ends[0])],
    side: sideLines,
    lower: [reversed(lineAcross(low, ends[1]))],
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

/** From the centre, square to it, to the side, square to it: the two lines of a band go on over their seams. */
const lineAcross = (centre: Point, { at, down }: SideEnd): Edge =>
  smoothCurve({ at: centre, toward: ACROSS }, { at, toward: outward(down) }, PLAIN);
