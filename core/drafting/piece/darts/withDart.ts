import {
  angleBetween,
  cross,
  distance,
  type Edge,
  mapped,
  moved,
  type Point,
  partAlong,
  placeAlong,
  trued,
  turned,
  way,
} from "../../geometry/index.ts";
import { type Dart, edgeLength, type LevelLine, type Notch, type Piece, type PieceEdge, pointOf } from "../piece.ts";
import type { CutPiece } from "./cutPiece.ts";
import { dartFault } from "./dartFault.ts";
import { dartMouth, endOf } from "./dartMouth.ts";
import { type Pinch, pinchOf } from "./pinch.ts";

/** The edge that gaped is drawn anew over this to either side of the pinch, mm. */
const TRUED_MM = 20;

/**
 * A piece with one more of its darts in it.
 * @param piece the piece without any, which the dart's places are told on.
 * @returns it as it was where the dart has no place on it.
 */
export function withDart(cut: CutPiece, piece: Piece, dart: Dart): CutPiece {
  const wedge = dartFault(piece, dart) === null ? wedgeOf(cut, dart) : null;
  if (!wedge) return cut;
  const { gaping, seam, turn } = wedge;
  const closed = closedGap(wedge);
  const opened = openedSeam(wedge, dart.intoMm);
  const [from, to] = [opened[0].at(-1)?.to, opened[1][0]?.from];
  if (!from || !to) return cut;
  const end = endOf(wedge.about, from, to, wedge.endMm);
  const edges = cut.edges.flatMap((edge, at): PieceEdge[] => {
    if (edge === gaping) return [{ ...edge, lines: closed }];
    if (edge === seam)
      return [
        { ...edge, lines: opened[0] },
        { ...edge, ...dartMouth(dart.id, from, to, end) },
        { ...edge, id: `${edge.id}-2`, lines: opened[1] },
      ];
    return [wedge.between(at) ? { ...edge, lines: turn(edge.lines) } : edge];
  });
  const gap = { ...wedge.pinch, shorterMm: edgeLength(gaping) - edgeLength({ ...gaping, lines: closed }) };
  return {
    ...cut,
    edges,
    levels: cut.levels.map((line): LevelLine => (wedge.turns(line.to) ? { ...line, to: wedge.turned(line.to) } : line)),
    notches: cut.notches.map((notch) => notchOn(notch, dart, gap)),
    points: [...(cut.points ?? []), { id: `${dart.id}.end`, at: end }],
    drawnDarts: [...cut.drawnDarts, { id: dart.id, mouth: [from, to], end, widthMm: distance(from, to) }],
  };
}

/** What turns: the edges between a gap and the seam that takes the dart, about the dart's point; or about the place across, where the seam is lengthened. */
interface Wedge {
  readonly about: Point;
  readonly gaping: PieceEdge;
  readonly seam: PieceEdge;
  readonly pinch: Pinch;
  /** True where the gap comes before the seam on the way round: then what follows the gap turns, else what comes before it. */
  readonly forward: boolean;
  /** True for an edge, by its place in the order, that lies between the two and turns whole. */
  readonly between: (at: number) => boolean;
  /** True for a place that turns. */
  readonly turns: (place: Point) => boolean;
  /** How far from the place it turns about the sewn point lies. */
  readonly endMm: number;
  /** Where it comes to lie, and where whole lines do. */
  readonly turned: (place: Point) => Point;
  readonly turn: (lines: readonly Edge[]) => Edge[];
}

function wedgeOf(cut: CutPiece, dart: Dart): Wedge | null {
  const point = pointOf(cut, dart.point);
  const [gapeAt, seamAt] = [dart.edge, dart.into].map((id) => cut.edges.findIndex((edge) => edge.id === id)) as [
    number,
    number,
  ];
  const [gaping, seam] = [cut.edges[gapeAt], cut.edges[seamAt]];
  const pinch = point && gaping ? pinchOf(gaping.lines, point, dart) : null;
  if (!point || !gaping || !seam || !pinch) return null;
  const [near, far] = [pinch.fromMm, pinch.toMm].map((mm) => placeAlong(gaping.lines, mm));
  const mouth = placeAlong(seam.lines, dart.intoMm);
  if (!near || !far || !mouth) return null;
  // The way round over the fold stays where it is.
  const forward = gapeAt < seamAt;
  const { about, angle, turns, endMm } = dart.lengthens
    ? spreading({ across: near, mouth, forward }, point, dart)
    : closing({ near, far, mouth, forward }, point, dart);
  const turnedPlace = (place: Point) => moved(about, turned(way(about, place), angle));
  return {
    ...{ about, gaping, seam, pinch, forward, turns, endMm },
    between: (at) => at > Math.min(gapeAt, seamAt) && at < Math.max(gapeAt, seamAt),
    turned: turnedPlace,
    turn: (lines) => lines.map((line) => mapped(line, turnedPlace)),
  };
}

/** How a wedge turns: about which place, by how much, which places with it. */
type Swing = Pick<Wedge, "about" | "turns" | "endMm"> & { readonly angle: number };

/** About the dart's point, until the gap is closed. */
function closing(
  { near, far, mouth, forward }: { near: Point; far: Point; mouth: Point; forward: boolean },
  about: Point,
  { stopMm }: Dart,
): Swing {
  // Seen from the point, what turns lies clockwise from the pinch to the mouth, or from the mouth to the pinch.
  const [starts, ends] = forward ? [far, mouth] : [mouth, near];
  return {
    about,
    angle: angleBetween(way(about, forward ? far : near), way(about, forward ? near : far)),
    turns: (place) => clockwise(about, starts, place) < clockwise(about, starts, ends),
    endMm: stopMm,
  };
}

/** About the place across, until the seam is open by the width of the dart. */
function spreading(
  { across, mouth, forward }: { across: Point; mouth: Point; forward: boolean },
  point: Point,
  { widthMm, stopMm }: Dart,
): Swing {
  const sign = forward ? -1 : 1;
  return {
    about: across,
    angle: sign * 2 * Math.asin(Math.min(1, widthMm / (2 * distance(across, mouth)))),
    turns: (place) => sign * cross(way(across, mouth), way(across, place)) > 0,
    endMm: distance(across, point) + stopMm,
  };
}

/** The edge that gaped, closed and trued. */
function closedGap({ gaping, pinch, forward, turn }: Wedge): Edge[] {
  const before = partAlong(gaping.lines, 0, pinch.fromMm);
  const after = partAlong(gaping.lines, pinch.toMm, edgeLength(gaping));
  return forward ? trued(before, turn(after), TRUED_MM) : trued(turn(before), after, TRUED_MM);
}

/** The two parts of the seam beside the dart. */
function openedSeam({ seam, forward, turn }: Wedge, intoMm: number): readonly [Edge[], Edge[]] {
  const [first, second] = [partAlong(seam.lines, 0, intoMm), partAlong(seam.lines, intoMm, edgeLength(seam))];
  return forward ? [turn(first), second] : [first, turn(second)];
}

/** Angle from one place to another, clockwise about a third, radians, 0 to 2π. */
function clockwise(about: Point, from: Point, to: Point): number {
  const angle = angleBetween(way(about, from), way(about, to));
  return angle < 0 ? angle + 2 * Math.PI : angle;
}

/** A notch keeps its place on what is left of its edge. */
function notchOn(notch: Notch, dart: Dart, gap: Pinch & { readonly shorterMm: number }): Notch {
  if (notch.edge === dart.into && notch.mm > dart.intoMm)
    return { ...notch, edge: `${dart.into}-2`, mm: notch.mm - dart.intoMm };
  if (notch.edge === dart.edge && notch.mm > gap.toMm) return { ...notch, mm: notch.mm - gap.shorterMm };
  return notch;
}
