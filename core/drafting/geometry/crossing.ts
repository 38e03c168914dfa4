import { Bezier } from "bezier-js";
import { placeAt } from "./along.ts";
import { bezierOf } from "./bezier.ts";
import { type Edge, placesOf, type Straight, sizeOf } from "./edge.ts";
import { cross, distance, dot, type Point, times, way } from "./point.ts";

/** Where two edges meet: the parameters on both, and the place. */
export interface Crossing {
  readonly onFirst: number;
  readonly onSecond: number;
  readonly at: Point;
}

/** Places closer together than this part of the edges' size are one. */
export const CROSSING_TOLERANCE = 1e-4;

/** An end that lies on the other edge up to this part of a line counts as on it. */
const ENDS = 1e-9;

/** Of the size, what a line may lie off a parallel one and still be parallel to it. */
const PARALLEL = 1e-12;

/**
 * Where two edges cross or touch, in the order of the first. Lines that lie on one another have no single place and give
 * none; curves are found to within {@link CROSSING_TOLERANCE} of the edges' size.
 */
export function crossings(first: Edge, second: Edge): Crossing[] {
  if (first.kind === "straight" && second.kind === "straight") return crossingOfLines(first, second);
  const size = Math.max(sizeOf(first), sizeOf(second));
  if (size === 0) return [];
  const found = (
    first.kind === "straight"
      ? withLine(second, first, size).map(([onFirst, onSecond]) => [onSecond, onFirst] as const)
      : second.kind === "straight"
        ? withLine(first, second, size)
        : ofCurves(first, second, size)
  )
    .map(([onFirst, onSecond]) => ({ onFirst, onSecond, at: placeAt(first, onFirst) }))
    .filter(({ at, onSecond }) => distance(at, placeAt(second, onSecond)) <= CROSSING_TOLERANCE * size);
  return distinct(found, CROSSING_TOLERANCE * size).toSorted((one, other) => one.onFirst - other.onFirst);
}

type Pair = readonly [onFirst: number, onSecond: number];

/** Where a curve crosses a straight edge: the roots of its height over the line. */
function withLine(curve: Edge, line: Straight, size: number): Pair[] {
  const along = way(line.from, line.to);
  const length = dot(along, along);
  if (length === 0) return [];
  const ends = { p1: times(line.from, 1 / size), p2: times(line.to, 1 / size) };
  return Bezier.getUtils()
    .roots(bezierOf(curve, size).points, ends)
    .map((t): Pair => [t, dot(way(line.from, placeAt(curve, t)), along) / length])
    .filter(([, onLine]) => onLine >= -ENDS && onLine <= 1 + ENDS);
}

/** Where two curves cross. */
const ofCurves = (first: Edge, second: Edge, size: number): Pair[] =>
  bezierOf(first, size)
    .intersects(bezierOf(second, size), CROSSING_TOLERANCE / 10)
    .flatMap((pair) => {
      const [onFirst, onSecond] = String(pair).split("/").map(Number);
      return onFirst === undefined || onSecond === undefined ? [] : [[onFirst, onSecond] as const];
    });

const distinct = (found: readonly Crossing[], closeMm: number): Crossing[] =>
  found.filter(({ at }, place) => !found.slice(0, place).some((before) => distance(before.at, at) <= closeMm));

function crossingOfLines(first: Straight, second: Straight): Crossing[] {
  const [along, across] = [way(first.from, first.to), way(second.from, second.to)];
  const turn = cross(along, across);
  const size = Math.max(...[...placesOf(first), ...placesOf(second)].map((place) => distance(first.from, place)));
  if (Math.abs(turn) <= PARALLEL * size * size) return [];
  const apart = way(first.from, second.from);
  const [onFirst, onSecond] = [cross(apart, across) / turn, cross(apart, along) / turn];
  const within = (t: number) => t >= -PARALLEL && t <= 1 + PARALLEL;
  return within(onFirst) && within(onSecond) ? [{ onFirst, onSecond, at: placeAt(first, onFirst) }] : [];
}
