import {
  areaWithin,
  atCorners,
  clockwise,
  distance,
  type Edge,
  lengthNearest,
  type Point,
  placeAlong,
} from "../geometry/index.ts";
import { cutLine } from "./cutLine.ts";

/** The line beside a curve may come nearer by this part of the allowance. */
const NEARER = 0.1;

/**
 * The line a piece is sewn along, from the line it is cut along: each of its edges moved inward by the one allowance.
 *
 * @param outline closed, either way round.
 * @param allowanceMm above 0.
 * @returns it, clockwise as seen with y down; null where the piece is somewhere narrower than two allowances.
 */
export function seamLine(outline: readonly Edge[], allowanceMm: number): Edge[] | null {
  const cut = clockwise(outline);
  const edges = atCorners(cut).map((lines, at) => ({
    ...({ id: String(at), role: "own", finish: "seam", seam: null } as const),
    allowanceMm: -allowanceMm,
    lines,
  }));
  const line = cutLine({ edges });
  const off = (place: Point) => {
    const nearest = placeAlong(cut, lengthNearest(cut, place));
    return nearest ? distance(place, nearest) : 0;
  };
  // Where the piece is too narrow, the line passes through it and out on the other side.
  const within = line.length > 0 && areaWithin(line) > 0;
  return within && line.every(({ from }) => off(from) >= allowanceMm * (1 - NEARER)) ? line : null;
}
