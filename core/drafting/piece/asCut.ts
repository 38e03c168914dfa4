import {
  angleBetween,
  between,
  crossings,
  distance,
  type Edge,
  lengthOf,
  lengthOfEdge,
  mapped,
  moved,
  type Point,
  partAlong,
  placeAlong,
  straight,
  times,
  trued,
  turned,
  unit,
  way,
} from "../geometry/index.ts";
import { type Dart, edgeLength, type LevelLine, type Notch, type Piece, type PieceEdge, pointOf } from "./piece.ts";

/** A dart as it is drawn on the piece. */
export interface DrawnDart {
  readonly id: string;
  /** The legs run from here, on the seam line, to the end. */
  readonly mouth: readonly [Point, Point];
  readonly end: Point;
  /** Between the legs at the seam, mm: `d′ = 2 b sin(θ / 2)`. */
  readonly widthMm: number;
}

/** A piece with its darts in it: what is laid on the cloth. Its levels are where they lie on it, not where girth is counted. */
export interface CutPiece extends Piece {
  readonly drawnDarts: readonly DrawnDart[];
}

/** The edge that gaped is drawn anew over this to either side of the pinch, mm. */
export const TRUED_MM = 20;

/** Pieces never change: what one comes to is worked out once, however many draw it, list it and check it. */
const known = new WeakMap<Piece, CutPiece>();

/**
 * A piece as it is cut: each gap closed by turning what lies between it and the seam that takes the dart about the dart's point,
 * the edge that gaped trued, the seam opened, and its allowance shaped so that the folded dart ends in the seam.
 * A dart whose place the piece no longer has is left out; {@link dartFault} says so.
 */
export function asCut(piece: Piece): CutPiece {
  const before = known.get(piece);
  if (before) return before;
  const cut = (piece.darts ?? []).reduce<CutPiece>((one, dart) => withDart(one, piece, dart), {
    ...piece,
    drawnDarts: [],
  });
  known.set(piece, cut);
  return cut;
}

/** The pinch of a dart on its edge: where both sides of the wedge meet it, along it, and its angle, radians. */
export interface Pinch {
  readonly fromMm: number;
  readonly toMm: number;
  readonly angle: number;
}

/** The wedge that a dart takes out of the edge that gapes: `θ = 2 asin(d / (2a))`. @returns null where the edge has no room for it. */
export function pinchOf(lines: readonly Edge[], about: Point, { atMm, widthMm }: Dart): Pinch | null {
  const middle = placeAlong(lines, atMm);
  const apart = middle ? distance(about, middle) : 0;
  if (!middle || widthMm <= 0 || widthMm >= 2 * apart) return null;
  const angle = 2 * Math.asin(widthMm / (2 * apart));
  const ray = (by: number) => meets(lines, about, moved(about, turned(way(about, middle), by), FAR), atMm);
  const [one, other] = [ray(-angle / 2), ray(angle / 2)];
  return one === null || other === null ? null : { fromMm: Math.min(one, other), toMm: Math.max(one, other), angle };
}

/** A side of a wedge is looked for up to so many times the way to the edge. */
const FAR = 3;

/** How far along an edge a line meets it, nearest to a length; null where it does not. */
function meets(lines: readonly Edge[], from: Point, to: Point, nearMm: number): number | null {
  let start = 0;
  const found: number[] = [];
  for (const line of lines) {
    for (const { onSecond } of crossings(straight(from, to), line)) found.push(start + lengthOfEdge(line, 0, onSecond));
    start += lengthOfEdge(line);
  }
  return found.toSorted((a, b) => Math.abs(a - nearMm) - Math.abs(b - nearMm))[0] ?? null;
}

/** Why a dart cannot be drawn on its piece; null where it can. */
export function dartFault(piece: Piece, dart: Dart): string | null {
  const [gaping, seam] = [
    piece.edges.find(({ id }) => id === dart.edge),
    piece.edges.find(({ id }) => id === dart.into),
  ];
  const about = pointOf(piece, dart.point);
  if (!gaping || !seam || gaping === seam)
    return `Expected two edges of ${piece.id} (${piece.edges.map(({ id }) => id).join(", ")}), but got “${dart.edge}” and “${dart.into}”.`;
  if (!about)
    return `Expected ${piece.id} to have the point ${dart.point}: ${(piece.points ?? []).map(({ id }) => id).join(", ") || "none is marked on it: place the apex first"}.`;
  if (gaping.finish === "fold" || seam.finish === "fold")
    return "Expected a dart to go from one edge to another, neither on the fold.";
  const pinch = pinchOf(gaping.lines, about, dart);
  const length = edgeLength(gaping);
  if (!pinch || pinch.fromMm < 1 || pinch.toMm > length - 1)
    return `Expected the pinch of ${dart.widthMm.toFixed(1)} mm within ${dart.edge} of ${piece.id}, which is ${length.toFixed(0)} mm long, but its middle is at ${dart.atMm.toFixed(0)} mm.`;
  const whole = edgeLength(seam);
  if (dart.intoMm < 1 || dart.intoMm > whole - 1)
    return `Expected the dart within ${dart.into} of ${piece.id}, 0 to ${whole.toFixed(0)} mm along it, but it goes in at ${dart.intoMm.toFixed(0)} mm.`;
  const mouth = placeAlong(seam.lines, dart.intoMm);
  const depth = mouth ? distance(about, mouth) : 0;
  return dart.stopMm < depth
    ? null
    : `Expected the point to stop less than ${depth.toFixed(0)} mm before the ${dart.point}, where the dart begins, but it stops ${dart.stopMm.toFixed(0)} mm before it.`;
}

function withDart(cut: CutPiece, piece: Piece, dart: Dart): CutPiece {
  const about = pointOf(piece, dart.point);
  const [gapeAt, seamAt] = [dart.edge, dart.into].map((id) => cut.edges.findIndex((edge) => edge.id === id));
  const [gaping, seam] = [cut.edges[gapeAt ?? -1], cut.edges[seamAt ?? -1]];
  if (dartFault(piece, dart) !== null || !about || !gaping || !seam || gapeAt === undefined || seamAt === undefined)
    return cut;
  const pinch = pinchOf(gaping.lines, about, dart);
  const mouth = placeAlong(seam.lines, dart.intoMm);
  if (!pinch || !mouth) return cut;
  // What lies between the pinch and the seam turns; the way round over the fold stays where it is.
  const forward = gapeAt < seamAt;
  const [near, far] = [pinch.fromMm, pinch.toMm].map((mm) => placeAlong(gaping.lines, mm));
  if (!near || !far) return cut;
  const closing = angleBetween(way(about, forward ? far : near), way(about, forward ? near : far));
  const turn = (place: Point) => moved(about, turned(way(about, place), closing));
  const turnedLines = (lines: readonly Edge[]) => lines.map((line) => mapped(line, turn));
  const moves = (edge: number, mm: number) =>
    forward
      ? (edge > gapeAt && edge < seamAt) ||
        (edge === gapeAt && mm > pinch.toMm) ||
        (edge === seamAt && mm < dart.intoMm)
      : (edge > seamAt && edge < gapeAt) ||
        (edge === gapeAt && mm < pinch.fromMm) ||
        (edge === seamAt && mm > dart.intoMm);
  const before = partAlong(gaping.lines, 0, pinch.fromMm);
  const after = partAlong(gaping.lines, pinch.toMm, edgeLength(gaping));
  const closed = forward ? trued(before, turnedLines(after), TRUED_MM) : trued(turnedLines(before), after, TRUED_MM);
  const [first, second] = [partAlong(seam.lines, 0, dart.intoMm), partAlong(seam.lines, dart.intoMm, edgeLength(seam))];
  const opened = forward ? ([turnedLines(first), second] as const) : ([first, turnedLines(second)] as const);
  const [from, to] = [opened[0].at(-1)?.to, opened[1][0]?.from];
  if (!from || !to) return cut;
  const end = endOf(about, from, to, dart.stopMm);
  const edges = cut.edges.flatMap((edge, at): PieceEdge[] => {
    if (at === gapeAt) return [{ ...edge, lines: closed }];
    if (at === seamAt)
      return [
        { ...edge, lines: opened[0] },
        { ...edge, ...dartMouth(dart.id, from, to, end), allowanceMm: edge.allowanceMm },
        { ...edge, id: `${edge.id}-2`, lines: opened[1] },
      ];
    return [moves(at, 0) ? { ...edge, lines: turnedLines(edge.lines) } : edge];
  });
  // Seen from the point, what turns lies clockwise from the pinch to the mouth, or from the mouth to the pinch.
  const [starts, ends] = forward ? [far, mouth] : [mouth, near];
  const onMoved = (place: Point) => clockwise(about, starts, place) < clockwise(about, starts, ends);
  return {
    ...cut,
    edges,
    levels: cut.levels.map((line): LevelLine => (onMoved(line.to) ? { ...line, to: turn(line.to) } : line)),
    notches: cut.notches.map((notch) =>
      notchOn(notch, dart, edgeLength({ ...gaping, lines: closed }), pinch, edgeLength(gaping)),
    ),
    points: [...(cut.points ?? []), { id: `${dart.id}.end`, at: end }],
    drawnDarts: [...cut.drawnDarts, { id: dart.id, mouth: [from, to], end, widthMm: distance(from, to) }],
  };
}

/** The sewn point: on the middle of the dart, so far before the point it turns about. */
function endOf(about: Point, from: Point, to: Point, stopMm: number): Point {
  const out = unit(way(about, between(from, to, 0.5)));
  return out ? moved(about, out, stopMm) : about;
}

/** The seam line over a dart: out to where the cloth of the folded dart ends in the seam. */
function dartMouth(id: string, from: Point, to: Point, end: Point) {
  const middle = between(from, to, 0.5);
  const out = unit(way(end, middle)) ?? way(end, middle);
  // Folded along its middle, half of the mouth lies on the seam beside it: the peak is the seam's line turned over the leg.
  const half = lengthOf(way(from, to)) / 2;
  const depth = distance(end, middle);
  const peak = moved(middle, times(out, depth === 0 ? 0 : (half * half) / depth));
  return { id, role: "dart" as const, lines: [straight(from, peak), straight(peak, to)], seam: null };
}

/** Angle from one place to another, clockwise about a third, radians, 0 to 2π. */
function clockwise(about: Point, from: Point, to: Point): number {
  const angle = angleBetween(way(about, from), way(about, to));
  return angle < 0 ? angle + 2 * Math.PI : angle;
}

/** A notch keeps its place on what is left of its edge. */
function notchOn(notch: Notch, dart: Dart, closedMm: number, pinch: Pinch, openMm: number): Notch {
  if (notch.edge === dart.into && notch.mm > dart.intoMm) return { edge: `${dart.into}-2`, mm: notch.mm - dart.intoMm };
  if (notch.edge === dart.edge && notch.mm > pinch.toMm) return { ...notch, mm: notch.mm - openMm + closedMm };
  return notch;
}
