import type { Point } from "../drafting/index.ts";
import { type CutShape, sizeOfShape } from "./cutShape.ts";

/** A motif on the cloth, mm. */
export interface Motif {
  readonly acrossMm: number;
  readonly repeatAlongMm: number | null;
  readonly repeatAcrossMm: number | null;
}

/** What a motif does on a piece, in sentences: larger than it, or cut by its seams. */
export function motifWarnings(shapes: readonly CutShape[], motif: Motif): string[] {
  return shapes.flatMap((shape) => {
    const { lengthMm, widthMm } = sizeOfShape(shape);
    const least = Math.min(lengthMm, widthMm);
    if (motif.acrossMm > least)
      return [`The motif is larger than “${shape.name}”, which is ${Math.round(least)} mm: only a part of it shows.`];
    const cut = motifsOnSeam(shape, motif);
    if (cut === 0) return [];
    const motifs = cut === 1 ? "1 motif lies" : `${cut} motifs lie`;
    return [`${motifs} on the seam line of “${shape.name}”: bulky there, and needles break.`];
  });
}

/** Motifs are looked for this far round a piece, in repeats, at most. */
const MOST_REPEATS = 200;

/** How many motifs the seam line of a piece goes through, its anchor on one; none where the motif does not come again both ways. */
export function motifsOnSeam(shape: CutShape, { acrossMm, repeatAlongMm, repeatAcrossMm }: Motif): number {
  if (repeatAlongMm === null || repeatAcrossMm === null) return 0;
  const { lengthMm, widthMm } = sizeOfShape(shape);
  const places = (anchor: number, size: number, repeat: number) => {
    const [first, last] = [Math.floor((-acrossMm - anchor) / repeat), Math.ceil((size + acrossMm - anchor) / repeat)];
    return Array.from({ length: Math.min(MOST_REPEATS, last - first + 1) }, (_, at) => anchor + (first + at) * repeat);
  };
  const { anchor, seam } = shape;
  return places(anchor.x, lengthMm, repeatAlongMm)
    .flatMap((x) => places(anchor.y, widthMm, repeatAcrossMm).map((y): Point => ({ x, y })))
    .filter((place) => offOutline(place, seam) < acrossMm / 2).length;
}

/** How far a place lies off the line round a shape, mm. */
export const offOutline = (place: Point, outline: readonly Point[]): number =>
  outline.reduce(
    (least, to, at) => Math.min(least, offSegment(place, outline.at(at - 1) as Point, to)),
    Number.POSITIVE_INFINITY,
  );

/** How far a place lies off a straight line between two others, mm. */
function offSegment(place: Point, from: Point, to: Point): number {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const square = dx * dx + dy * dy;
  const along = (place.x - from.x) * dx + (place.y - from.y) * dy;
  const part = square === 0 ? 0 : Math.min(1, Math.max(0, along / square));
  return Math.hypot(place.x - from.x - part * dx, place.y - from.y - part * dy);
}
