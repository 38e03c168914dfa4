import { type Edge, sizeOf } from "./edge.ts";
import { between, cross, lengthOf, type Point, times, unit, type Vector, way } from "./point.ts";

/**
 * The place of an edge at a parameter.
 * @param t 0 at its start, 1 at its end; equal steps of it are no equal lengths on a curve.
 */
export function placeAt(edge: Edge, t: number): Point {
  if (edge.kind === "straight") return between(edge.from, edge.to, t);
  const [a, b, c] = [
    between(edge.from, edge.leave, t),
    between(edge.leave, edge.arrive, t),
    between(edge.arrive, edge.to, t),
  ];
  return between(between(a, b, t), between(b, c, t), t);
}

/** How the place moves with the parameter, mm: the first derivative. Of no length where a handle lies on its end. */
export function speedAt(edge: Edge, t: number): Vector {
  if (edge.kind === "straight") return way(edge.from, edge.to);
  const [a, b, c] = [way(edge.from, edge.leave), way(edge.leave, edge.arrive), way(edge.arrive, edge.to)];
  const [d, e] = [between(a, b, t), between(b, c, t)];
  return times(between(d, e, t), 3);
}

/** How the speed changes with the parameter, mm: the second derivative. */
export function turnAt(edge: Edge, t: number): Vector {
  if (edge.kind === "straight") return { x: 0, y: 0 };
  const [a, b, c] = [way(edge.from, edge.leave), way(edge.leave, edge.arrive), way(edge.arrive, edge.to)];
  return times(between(way(a, b), way(b, c), t), 6);
}

/** Of an edge's size, a speed under this part is none: its direction is that of the way on. */
const STILL = 1e-9;

/**
 * The direction of an edge at a parameter, as it is gone along. Where a handle lies on its end, that toward the next
 * place that does not.
 *
 * @returns a way as long as 1; null for an edge of no length.
 */
export function directionAt(edge: Edge, t: number): Vector | null {
  const still = STILL * sizeOf(edge);
  // De l'Hôpital: at a standstill the direction is that of the second derivative, forward at the start and back at the end.
  const ways = [speedAt(edge, t), times(turnAt(edge, t), t < 0.5 ? 1 : -1), way(edge.from, edge.to)];
  const moving = ways.find((one) => lengthOf(one) > still);
  return moving ? unit(moving) : null;
}

/**
 * How an edge bends at a parameter, 1/mm: one over the radius; above 0 where it turns clockwise as seen with y down.
 * 0 on a straight edge, and where the edge stands still.
 */
export function curvatureAt(edge: Edge, t: number): number {
  const speed = speedAt(edge, t);
  const length = lengthOf(speed);
  return length === 0 ? 0 : cross(speed, turnAt(edge, t)) / length ** 3;
}
