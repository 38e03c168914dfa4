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
    const least = leastSide(shape);
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

/** Places of the anchor on a motif that are tried each way: no finer is cut by hand. */
const TRIES = 12;

/** A seam is walked in steps no finer, mm. */
const FINEST_MM = 1;

/** A piece with the place of it on the motif that its seams cut fewest motifs at; of places alike the one nearest to its middle, so that nothing moves for nothing. */
export function onMotif(shape: CutShape, motif: Motif): CutShape {
  const { acrossMm, repeatAlongMm, repeatAcrossMm } = motif;
  if (repeatAlongMm === null || repeatAcrossMm === null || acrossMm > leastSide(shape)) return shape;
  const steps = shiftsOf(repeatAlongMm);
  // What is alike on both sides keeps its middle on the motif, and what lies on fold or border cannot be moved across.
  const across = shape.eitherWay || shape.bound !== "free" ? [0] : shiftsOf(repeatAcrossMm);
  const walked = walkedSeam(shape, Math.max(FINEST_MM, acrossMm / 4));
  const tried = steps.flatMap((dx) =>
    across.map((dy) => {
      const anchor = { x: shape.anchor.x + dx, y: shape.anchor.y + dy };
      return {
        anchor,
        off: Math.hypot(dx, dy),
        cut: touched(walked, anchor, { acrossMm, repeatAlongMm, repeatAcrossMm }),
      };
    }),
  );
  const best = tried.reduce((one, other) =>
    other.cut < one.cut || (other.cut === one.cut && other.off < one.off) ? other : one,
  );
  return { ...shape, anchor: best.anchor };
}

/** Shifts within half a repeat either way, none of them first. mm */
const shiftsOf = (repeatMm: number): number[] =>
  Array.from({ length: TRIES }, (_, at) => ((at % 2 === 0 ? at / 2 : -(at + 1) / 2) * repeatMm) / TRIES);

/** Places along the seam line of a shape, no further apart than asked, mm. */
const walkedSeam = ({ seam }: CutShape, stepMm: number): Point[] =>
  seam.flatMap((to, at) => {
    const from = seam.at(at - 1) as Point;
    const count = Math.max(1, Math.ceil(Math.hypot(to.x - from.x, to.y - from.y) / stepMm));
    return Array.from({ length: count }, (_, nth) => ({
      x: from.x + ((to.x - from.x) * nth) / count,
      y: from.y + ((to.y - from.y) * nth) / count,
    }));
  });

/** How many motifs lie under any of these places, an anchor on one of them. */
function touched(places: readonly Point[], anchor: Point, motif: { readonly [Key in keyof Motif]: number }): number {
  const cut = new Set<string>();
  for (const { x, y } of places) {
    const [i, j] = [
      Math.round((x - anchor.x) / motif.repeatAlongMm),
      Math.round((y - anchor.y) / motif.repeatAcrossMm),
    ];
    const off = Math.hypot(x - anchor.x - i * motif.repeatAlongMm, y - anchor.y - j * motif.repeatAcrossMm);
    if (off < motif.acrossMm / 2) cut.add(`${i}/${j}`);
  }
  return cut.size;
}

/** The shorter side of the box round a shape, mm. */
function leastSide(shape: CutShape): number {
  const { lengthMm, widthMm } = sizeOfShape(shape);
  return Math.min(lengthMm, widthMm);
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
