import { curved, type Edge, straight } from "./edge.ts";
import { angleBetween, distance, moved, type Point, unit, type Vector, way } from "./point.ts";

/**
 * Smooth curves through places one after the other, without a corner between them. At each place the line goes as the circle through it
 * and its neighbours does; at an end as the circle of the last three.
 *
 * @returns a straight line through two places; nothing through fewer.
 */
export function smoothThrough(places: readonly Point[]): Edge[] {
  const [first, second] = places;
  if (!first || !second) return [];
  if (places.length === 2) return [straight(first, second)];
  const toward = places.map((_, at) => direction(places, at));
  return places.slice(1).map((to, at) => {
    const from = places[at] ?? to;
    const [leaving, arriving] = [toward[at] ?? way(from, to), toward[at + 1] ?? way(from, to)];
    // As long as the handles of the arc of a circle that turns as much.
    const handle = distance(from, to) / (3 * Math.cos(angleBetween(leaving, arriving) / 4) ** 2);
    return curved(from, moved(from, leaving, handle), moved(to, arriving, -handle), to);
  });
}

/** Which way a line through places goes at one of them, as long as 1. */
function direction(places: readonly Point[], at: number): Vector {
  const middle = Math.min(places.length - 2, Math.max(1, at));
  const [before, here, after] = [places[middle - 1], places[middle], places[middle + 1]];
  if (!before || !here || !after) return { x: 1, y: 0 };
  const [a, b] = [chord(before, here), chord(here, after)];
  const [near, far] = [distance(before, here), distance(here, after)];
  const tangent = unit({ x: a.x * far + b.x * near, y: a.y * far + b.y * near }) ?? a;
  if (at === middle) return tangent;
  // On a circle the chord turns half as much as the tangents at its ends.
  const along = at < middle ? a : b;
  const twice = 2 * (along.x * tangent.x + along.y * tangent.y);
  return unit({ x: twice * along.x - tangent.x, y: twice * along.y - tangent.y }) ?? along;
}

const chord = (from: Point, to: Point): Vector => unit(way(from, to)) ?? { x: 1, y: 0 };
