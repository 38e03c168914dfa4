/** A place on a piece, mm: x outward from the centre, y down the body. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A way from one place to another, mm; also a direction, where its length does not matter. */
export type Vector = Point;

/** The place at x and y, mm. */
export const point = (x: number, y: number): Point => ({ x, y });

/** A place moved along a way, so many times. */
export const moved = ({ x, y }: Point, by: Vector, times = 1): Point => ({ x: x + times * by.x, y: y + times * by.y });

/** The way from one place to another. */
export const way = (from: Point, to: Point): Vector => ({ x: to.x - from.x, y: to.y - from.y });

/** A way so many times as long; below 0 back. */
export const times = ({ x, y }: Vector, factor: number): Vector => ({ x: factor * x, y: factor * y });

/** Between two places: 0 is the first, 1 the second, 0.5 the middle. */
export const between = (from: Point, to: Point, part: number): Point => moved(from, way(from, to), part);

/** How far two places lie apart, mm. */
export const distance = (from: Point, to: Point): number => lengthOf(way(from, to));

/** Length of a way, mm. */
export const lengthOf = ({ x, y }: Vector): number => Math.hypot(x, y);

/** Dot product of two ways, mm². */
export const dot = (a: Vector, b: Vector): number => a.x * b.x + a.y * b.y;

/** Cross product of two ways, mm²: above 0 where the second turns clockwise from the first, as seen with y down. */
export const cross = (a: Vector, b: Vector): number => a.x * b.y - a.y * b.x;

/**
 * A way as long as 1.
 * @returns null for a way of no length, which has no direction.
 */
export function unit(of: Vector): Vector | null {
  const length = lengthOf(of);
  return length > 0 ? { x: of.x / length, y: of.y / length } : null;
}

/** A way turned by an angle, radians: above 0 clockwise, as seen with y down. */
export const turned = ({ x, y }: Vector, radians: number): Vector => ({
  x: x * Math.cos(radians) - y * Math.sin(radians),
  y: x * Math.sin(radians) + y * Math.cos(radians),
});

/** The way at right angles, a quarter turn clockwise as seen with y down. */
export const square = ({ x, y }: Vector): Vector => ({ x: -y, y: x });

/** Angle from one direction to another, radians, −π to π: above 0 clockwise as seen with y down. */
export const angleBetween = (from: Vector, to: Vector): number => Math.atan2(cross(from, to), dot(from, to));

/** How far a place lies off the line through two others, mm; from the one, where they are one. */
export function offLine(from: Point, to: Point, place: Point): number {
  const far = distance(from, to);
  return far === 0 ? distance(from, place) : Math.abs(cross(way(from, to), way(from, place))) / far;
}
