import {
  between,
  type Curved,
  cross,
  curved,
  distance,
  lengthOfEdges,
  moved,
  type Point,
  point,
  smoothCurve,
  square,
  times,
  unit,
  type Vector,
  way,
} from "../../geometry/index.ts";

/** Where a leg edge runs: from the side, which it leaves square, to the gusset, which it meets square. */
export interface LegEnds {
  readonly side: Point;
  /** Into the piece, square to the side seam; as long as 1. */
  readonly inward: Vector;
  readonly gusset: Point;
}

/** How a leg edge lies between its ends. */
export type LegLine = "straight" | "curved" | "fuller";

/** How much of the way across and down a leg edge follows its ends, from the tightest to the roundest. */
const FOLLOWS: Readonly<Record<"straight" | "curved", readonly [least: number, most: number]>> = {
  straight: [0.25, 0.7],
  curved: [0.3, 0.95],
};

/** How far a fuller leg lies outside the straight line in its middle, as a part of it. */
const FULLER: readonly [least: number, most: number] = [0.01, 0.2];

/** Handles longer by one move the middle of a square corner's curve by this: three eighths along both of its arms. */
const MIDDLE_PER_HANDLE = (3 / 8) * Math.SQRT2;

/** Down: the way a leg edge arrives at the gusset. */
const DOWN: Vector = point(0, 1);

/** How far the side's handle may come down toward the height of the gusset, where the side leans far outward. */
const DOWN_TO = 0.6;

/**
 * The leg edge at a fullness, from the side to the gusset.
 *
 * @param fullness 0 the tightest, 1 the roundest (or, of a fuller line, the fullest) that is still drawn.
 * @param raisedMm by how much its middle is moved up into the piece beside that, 0 or more.
 */
export function legCurve(ends: LegEnds, line: LegLine, fullness: number, raisedMm: number): Curved[] {
  if (line === "fuller") return fullerCurve(ends, fullness);
  const { side, inward, gusset } = ends;
  const [least, most] = FOLLOWS[line];
  const part = least + (most - least) * fullness;
  const more = raisedMm / MIDDLE_PER_HANDLE;
  const [across, down] = [side.x - gusset.x, gusset.y - side.y];
  const room = inward.y > 0 ? (DOWN_TO * down) / inward.y : across;
  const alongSide = Math.min(part * across + more, across, room);
  const alongGusset = Math.min(part * down + more, down);
  return [curved(side, moved(side, inward, alongSide), moved(gusset, DOWN, -alongGusset), gusset)];
}

/** Out over the seat: two curves that meet outside the straight line, gone along beside it there. */
function fullerCurve({ side, inward, gusset }: LegEnds, fullness: number): Curved[] {
  const chord = unit(way(side, gusset));
  if (!chord) return [];
  // Away from the corner is out of the piece.
  const out = times(square(chord), cross(chord, inward) > 0 ? -1 : 1);
  const [least, most] = FULLER;
  const middle = moved(between(side, gusset, 0.5), out, (least + (most - least) * fullness) * distance(side, gusset));
  const at = { at: middle, toward: chord };
  const short = { leaving: 0.25, arriving: 0.4 };
  return [
    smoothCurve({ at: side, toward: inward }, at, short),
    smoothCurve(at, { at: gusset, toward: DOWN }, { leaving: 0.4, arriving: 0.25 }),
  ];
}

/** Length of a leg edge at a fullness, mm. */
export const legLength = (ends: LegEnds, line: LegLine, fullness: number, raisedMm: number): number =>
  lengthOfEdges(legCurve(ends, line, fullness, raisedMm));
