import { directionAt } from "./along.ts";
import { type Curved, curved, type Edge } from "./edge.ts";
import { angleBetween, distance, moved, type Point, type Vector } from "./point.ts";

/** Where a curve begins or ends, and the direction in which it is gone along there, as long as 1. */
export interface End {
  readonly at: Point;
  readonly toward: Vector;
}

/** How far a curve follows the direction of each end, as a part of the way between them: a third is plain. */
export interface Fullness {
  readonly leaving: number;
  readonly arriving: number;
}

/** As plain as a curve can be. */
export const PLAIN: Fullness = { leaving: 1 / 3, arriving: 1 / 3 };

/** A curve that leaves one end in its direction and arrives at the other in its own. */
export function smoothCurve(from: End, to: End, { leaving, arriving }: Fullness): Curved {
  const far = distance(from.at, to.at);
  return curved(from.at, moved(from.at, from.toward, leaving * far), moved(to.at, to.toward, -arriving * far), to.at);
}

/** How one edge leads into the next. */
export interface Join {
  /** How far the second begins from the end of the first, mm. */
  readonly gapMm: number;
  /** Angle by which the line turns there, degrees, 0 to 180; null where one of the edges has no length. */
  readonly cornerDeg: number | null;
}

/** How one edge leads into the next: without a gap and a corner they are one smooth line. */
export function joinOf(first: Edge, second: Edge): Join {
  const [arriving, leaving] = [directionAt(first, 1), directionAt(second, 0)];
  const turn = arriving && leaving ? (Math.abs(angleBetween(arriving, leaving)) * 180) / Math.PI : null;
  return { gapMm: distance(first.to, second.from), cornerDeg: turn };
}
