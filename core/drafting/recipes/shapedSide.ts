import { fail, ok, type Result } from "../../result.ts";
import { directionAt, type Edge, moved, type Point, partAlong, point, shifted } from "../geometry/index.ts";
import type { LevelLine, Notch } from "../piece/index.ts";
import { type SideEnd, sideRise } from "../piece/index.ts";
import { type SideLevel, sideCurve } from "./sideCurve.ts";

/** A level of a piece: where it lies at the centre and at the side. */
export interface SideMark {
  readonly level: string;
  /** From the upper end of the side, along it. */
  readonly alongMm: number;
  readonly centreY: number;
  readonly side: Point;
}

/** The side seam of a piece, with what stands square to its ends. */
export interface ShapedSide {
  readonly lines: readonly Edge[];
  /** Its upper and its lower end. */
  readonly top: SideEnd;
  readonly bottom: SideEnd;
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
  const [first, last] = [flat[0], flat.at(-1)];
  const [top, bottom] = [first && directionAt(first, 0), last && directionAt(last, 1)];
  if (!first || !last || !top || !bottom) return fail("no-side-left", "Expected a side seam, but it has no length.");
  const by = point(0, -sideRise({ at: first.from, down: top }));
  let along = 0;
  const marks = levels.flatMap(({ level, downMm }, at): SideMark[] => {
    along += downMm;
    const place = whole.value.places[at];
    const within = along >= fromMm - ON_EDGE_MM && along <= toMm + ON_EDGE_MM;
    return place && within ? [{ level, alongMm: along - fromMm, centreY: place.y, side: moved(place, by) }] : [];
  });
  return ok({
    lines: flat.map((line) => shifted(line, by)),
    top: { at: moved(first.from, by), down: top },
    bottom: { at: moved(last.to, by), down: bottom },
    marks,
  });
}

/** Lines of the levels a piece crosses from its fold to its side: not those that its upper edge has cut off at the centre. */
export const levelLines = ({ marks }: ShapedSide, topY: number): LevelLine[] =>
  marks
    .filter(({ centreY }) => centreY >= topY)
    .map(({ level, centreY, side }) => ({ level, from: point(0, centreY), to: side }));

/** The waist marked at a side seam, where front and back are matched. */
export const waistNotch = ({ marks }: ShapedSide): Notch[] =>
  marks.filter(({ level }) => level === "waist").map(({ alongMm }) => ({ edge: "side", mm: alongMm }));
