import { type Edge, placesOf } from "./edge.ts";
import { lengthOfEdge } from "./length.ts";
import { distance, type Point } from "./point.ts";

/** Steps an edge is looked at in before the nearest is closed in on: a curve of a piece turns no oftener. */
const STEPS = 24;

/** Thirds taken off either end: the rest is then a part in a hundred million of a step. */
const THIRDS = 48;

/** How far along edges the place of them lies that is nearest to another, mm; 0 where there are none. */
export function lengthNearest(lines: readonly Edge[], place: Point): number {
  let [along, nearest, found] = [0, Number.POSITIVE_INFINITY, 0];
  for (const edge of lines) {
    // No place of an edge is nearer than the box round its handles.
    if (toBox(edge, place) < nearest) {
      const t = parameterNearest(edge, place);
      const away = Math.sqrt(awayAt(edge, place, t));
      if (away < nearest) [nearest, found] = [away, along + lengthOfEdge(edge, 0, t)];
    }
    along += lengthOfEdge(edge);
  }
  return found;
}

function parameterNearest(edge: Edge, place: Point): number {
  if (edge.kind === "straight") return alongStraight(edge.from, edge.to, place);
  let [best, least] = [0, Number.POSITIVE_INFINITY];
  for (let step = 0; step <= STEPS; step += 1) {
    const away = awayAt(edge, place, step / STEPS);
    if (away < least) [best, least] = [step / STEPS, away];
  }
  let [low, high] = [Math.max(0, best - 1 / STEPS), Math.min(1, best + 1 / STEPS)];
  for (let third = 0; third < THIRDS; third += 1) {
    const [a, b] = [low + (high - low) / 3, high - (high - low) / 3];
    if (awayAt(edge, place, a) < awayAt(edge, place, b)) high = b;
    else low = a;
  }
  return (low + high) / 2;
}

/** The foot of a place on a straight edge, as a part of it. */
function alongStraight(from: Point, to: Point, place: Point): number {
  const [x, y] = [to.x - from.x, to.y - from.y];
  const whole = x * x + y * y;
  const part = whole === 0 ? 0 : ((place.x - from.x) * x + (place.y - from.y) * y) / whole;
  return Math.min(1, Math.max(0, part));
}

/** Square of how far a place lies from that of an edge at a parameter, mm²: found without making one. */
function awayAt(edge: Edge, { x, y }: Point, t: number): number {
  const s = 1 - t;
  const { from, to } = edge;
  if (edge.kind === "straight") return (s * from.x + t * to.x - x) ** 2 + (s * from.y + t * to.y - y) ** 2;
  const { leave, arrive } = edge;
  const [a, b, c, d] = [s * s * s, 3 * s * s * t, 3 * s * t * t, t * t * t];
  return (
    (a * from.x + b * leave.x + c * arrive.x + d * to.x - x) ** 2 +
    (a * from.y + b * leave.y + c * arrive.y + d * to.y - y) ** 2
  );
}

/** How far a place lies from the box round an edge and its handles, mm; 0 within it. */
function toBox(edge: Edge, place: Point): number {
  const places = placesOf(edge);
  const [xs, ys] = [places.map(({ x }) => x), places.map(({ y }) => y)];
  const x = Math.min(Math.max(place.x, Math.min(...xs)), Math.max(...xs));
  const y = Math.min(Math.max(place.y, Math.min(...ys)), Math.max(...ys));
  return distance(place, { x, y });
}
