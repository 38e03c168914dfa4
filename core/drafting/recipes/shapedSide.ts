import { fail, ok, type Result } from "../../result.ts";
import { directionAt, type Edge, type Point, partAlong, point, shifted, type Vector } from "../geometry/index.ts";
import { sideRise } from "./lean.ts";
import { type SideLevel, sideCurve } from "./sideCurve.ts";

/** A level of a piece: where it lies at the centre and at the side. */
export interface SideMark {
  readonly level: string;
  readonly centreY: number;
  readonly side: Point;
}

/** The side seam of a piece, with what stands square to its ends. */
export interface ShapedSide {
  readonly lines: readonly Edge[];
  /** Its upper and its lower end, with the way down there, as long as 1. */
  readonly top: { readonly at: Point; readonly down: Vector };
  readonly bottom: { readonly at: Point; readonly down: Vector };
  /** The lowest of its edges. */
  readonly last: Edge;
  /** Levels between its ends. */
  readonly marks: readonly SideMark[];
}

/** A level this near an end of the side is still on it, mm. */
const ON_EDGE_MM = 0.01;

/**
 * Part of a side seam through its levels, standing as high above the centre as it leans at its top.
 *
 * @param fromMm,toMm along the seam from its first level.
 * @returns it; `side-too-short` as {@link sideCurve} says; or `no-side-left` where the part has no length.
 */
export function shapedSide(
  piece: string,
  levels: readonly SideLevel[],
  { fromMm, toMm }: { readonly fromMm: number; readonly toMm: number },
): Result<ShapedSide> {
  const whole = sideCurve(piece, levels);
  if (!whole.ok) return whole;
  const flat = partAlong(whole.value.lines, fromMm, toMm);
  const by = point(0, flat[0] ? -sideRise(flat[0], 0) : 0);
  const lines = flat.map((line) => shifted(line, by));
  const [first, last] = [lines[0], lines.at(-1)];
  const [top, bottom] = [first && directionAt(first, 0), last && directionAt(last, 1)];
  if (!first || !last || !top || !bottom) return fail("no-side-left", "Expected a side seam, but it has no length.");
  let along = 0;
  const marks = levels.flatMap(({ level, downMm }, at): SideMark[] => {
    along += downMm;
    const place = whole.value.places[at];
    const within = along >= fromMm - ON_EDGE_MM && along <= toMm + ON_EDGE_MM;
    return place && within ? [{ level, centreY: place.y, side: point(place.x, place.y + by.y) }] : [];
  });
  return ok({ lines, top: { at: first.from, down: top }, bottom: { at: last.to, down: bottom }, last, marks });
}
