import { Type } from "typebox";
import { fail, ok, type Result } from "../../result.ts";
import {
  angleBetween,
  distance,
  type Edge,
  isWithin,
  lengthNearest,
  lengthOfEdges,
  mapped,
  moved,
  type Point,
  partAlong,
  placeAlong,
  straight,
  trued,
  turned,
  way,
} from "../geometry/index.ts";
import { edgeLength, movedPoints, type Piece, type PieceEdge } from "../piece/index.ts";
import { operation } from "./operation.ts";
import { along, amount, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { edgeAt } from "./withEdge.ts";

/** An edge is trued over this to either side of the cut, and of the hinge, mm; no more than a third of what is there. */
const TRUED_MM = 14;

/** The edge comes out longer or shorter by what was asked to this, mm; so often the wedge is bettered. */
const [MET_MM, TRIES] = [1e-4, 12] as const;

/**
 * `wedge`: a piece cut from an edge to a place of another edge, and folded out or spread at the edge, to nothing at that place. What lies
 * beyond the cut turns about it: the way round that has no fold, of two such the shorter.
 */
export const wedge = operation({
  id: "wedge",
  name: "Wedge from edge to edge",
  about:
    "Folds a wedge out at an edge (below 0) or spreads one there (above 0), running to nothing at a place of another edge; the edge comes out shorter or longer by just the amount, the other keeps its length.",
  params: Type.Object(
    { piece: name(), edge: name(), at: along(), into: name(), intoAt: along(), amount: amount() },
    { additionalProperties: false },
  ),
  apply(draft, { piece, edge, at, into, intoAt, amount: byMm }) {
    return changedAlike(draft, piece, (one) => wedged(one, { edge, at, into, intoAt, byMm }));
  },
});

interface Cut {
  readonly edge: string;
  readonly at: number;
  readonly into: string;
  readonly intoAt: number;
  readonly byMm: number;
}

function wedged(piece: Piece, { edge: id, at, into, intoAt, byMm }: Cut): Result<Piece> {
  const [gaping, other] = [edgeAt(piece, id), edgeAt(piece, into)];
  if (!gaping.ok) return gaping;
  if (!other.ok) return other;
  if (id === into)
    return fail("one-edge", `Expected the wedge to run from one edge to another, but both are ${id} of ${piece.id}.`);
  const whole = edgeLength(gaping.value);
  const half = Math.abs(byMm) / 2;
  if (at - half < TRUED_MM || at + half > whole - TRUED_MM)
    return fail(
      "no-room",
      `Expected the wedge ${TRUED_MM} mm or more from both ends of ${id}, which is ${whole.toFixed(0)} mm long, but it goes from ${(at - half).toFixed(0)} to ${(at + half).toFixed(0)} mm.`,
    );
  const way = turningWay(piece, gaping.value, other.value);
  if (!way)
    return fail(
      "over-the-fold",
      `Expected a way from ${id} to ${into} of ${piece.id} that passes no fold, but both pass one: what lies on a fold does not turn.`,
    );
  const turning: Turning = { piece, gaping: gaping.value, other: other.value, at, intoAt, forward: way === "forward" };
  return metBy(turning, byMm);
}

interface Turning {
  readonly piece: Piece;
  readonly gaping: PieceEdge;
  readonly other: PieceEdge;
  readonly at: number;
  readonly intoAt: number;
  /** True where what follows the cut on the way round turns, up to the hinge; else what comes before it. */
  readonly forward: boolean;
}

/** Which way round from an edge to another nothing is cut on the fold, of two the shorter; null where there is none. */
function turningWay({ edges }: Piece, from: PieceEdge, to: PieceEdge): "forward" | "back" | null {
  const [first, last] = [edges.indexOf(from), edges.indexOf(to)];
  const count = edges.length;
  const passed = (start: number, end: number) =>
    Array.from({ length: (end - start - 1 + count) % count }, (_, step) => edges[(start + 1 + step) % count]);
  const [ahead, behind] = [passed(first, last), passed(last, first)];
  const length = (some: readonly (PieceEdge | undefined)[]) =>
    some.some((edge) => edge?.finish === "fold")
      ? Number.POSITIVE_INFINITY
      : some.reduce((sum, edge) => sum + (edge ? edgeLength(edge) : 0), 0);
  const [forward, back] = [length(ahead), length(behind)];
  if (forward === Number.POSITIVE_INFINITY && back === Number.POSITIVE_INFINITY) return null;
  return forward <= back ? "forward" : "back";
}

/** Betters the wedge until the trued edge differs by just the amount (the secant method). */
function metBy(turning: Turning, byMm: number): Result<Piece> {
  const before = edgeLength(turning.gaping);
  let [last, width] = [{ width: 0, off: -byMm }, byMm];
  for (let turn = 0; turn < TRIES; turn += 1) {
    const drawn = turnedBy(turning, width);
    if (!drawn) break;
    const off = lengthOfEdges(drawn.edges.find(({ id }) => id === turning.gaping.id)?.lines ?? []) - before - byMm;
    if (Math.abs(off) <= MET_MM) return ok(drawn);
    if (off === last.off) break;
    const next = width - (off * (width - last.width)) / (off - last.off);
    last = { width, off };
    width = next;
  }
  return fail(
    "wedge-not-met",
    `Expected ${turning.gaping.id} of ${turning.piece.id} to change by ${byMm.toFixed(1)} mm by a wedge to ${turning.other.id}, but it bends too much there.`,
  );
}

/** The piece with a wedge of a width at the edge; null where there is no place for it. */
function turnedBy({ piece, gaping, other, at, intoAt, forward }: Turning, width: number): Piece | null {
  const hinge = placeAlong(other.lines, intoAt);
  const half = Math.abs(width) / 2;
  const [near, far] = [at - half, at + half].map((mm) => placeAlong(gaping.lines, mm));
  if (!hinge || !near || !far) return null;
  // Folded out, both sides of the wedge come to lie on one another; spread, they part by as much.
  const [stays, goes] = forward ? [near, far] : [far, near];
  const opening = angleBetween(way(hinge, goes), way(hinge, stays));
  const angle = width < 0 ? opening : -Math.sign(opening) * 2 * Math.asin(Math.min(1, half / distance(hinge, stays)));
  const swing = (place: Point) => moved(hinge, turned(way(hinge, place), angle));
  const swung = (lines: readonly Edge[]) => lines.map((line) => mapped(line, swing));
  const [first, last] = [piece.edges.indexOf(gaping), piece.edges.indexOf(other)];
  const count = piece.edges.length;
  const turns = (index: number) =>
    forward
      ? (index - first + count) % count < (last - first + count) % count && index !== first
      : (index - last + count) % count < (first - last + count) % count && index !== last;
  const parts = (lines: readonly Edge[], from: number, to: number) => [
    partAlong(lines, 0, from),
    partAlong(lines, to, lengthOfEdges(lines)),
  ];
  const [cutFrom, cutTo] = width < 0 ? [at - half, at + half] : [at, at];
  const [before = [], after = []] = parts(gaping.lines, cutFrom, cutTo);
  const [toHinge = [], fromHinge = []] = parts(other.lines, intoAt, intoAt);
  const region = turningRegion({ after, before, toHinge, fromHinge }, forward, turns, piece);
  const beyond = (place: Point) => isWithin(region, place) || region.some((line) => liesOn(line, place));
  const edges = piece.edges.map((one, index): PieceEdge => {
    if (one === gaping) return { ...one, lines: forward ? joined(before, swung(after)) : joined(swung(before), after) };
    if (one === other)
      return { ...one, lines: forward ? joined(swung(toHinge), fromHinge) : joined(toHinge, swung(fromHinge)) };
    return turns(index) ? { ...one, lines: swung(one.lines) } : one;
  });
  return {
    ...piece,
    edges,
    levels: piece.levels.map((line) => (beyond(line.to) ? { ...line, to: swing(line.to) } : line)),
    notches: piece.notches.map((notch) =>
      notch.edge === gaping.id && notch.mm > at ? { ...notch, mm: notch.mm + width } : notch,
    ),
    ...movedPoints(piece, (place) => (beyond(place) ? swing(place) : place)),
  };
}

/** The outline of what turns, before it does: from the cut round to the hinge, and straight back. */
function turningRegion(
  {
    after,
    before,
    toHinge,
    fromHinge,
  }: Readonly<Record<"after" | "before" | "toHinge" | "fromHinge", readonly Edge[]>>,
  forward: boolean,
  turns: (index: number) => boolean,
  { edges }: Piece,
): Edge[] {
  const count = edges.length;
  const first = edges.findIndex((_, index) => turns(index) && !turns((index + count - 1) % count));
  const whole = Array.from({ length: count }, (_, step) => (first + step + count) % count)
    .filter((index) => first !== -1 && turns(index))
    .flatMap((index) => edges[index]?.lines ?? []);
  const way = forward ? [...after, ...whole, ...toHinge] : [...fromHinge, ...whole, ...before];
  const [from, to] = [way[0]?.from, way.at(-1)?.to];
  return from && to ? [...way, straight(to, from)] : [];
}

/** A place lies on a line to this, mm. */
const ON_LINE_MM = 0.1;

const liesOn = (line: Edge, place: Point): boolean => {
  const near = placeAlong([line], lengthNearest([line], place));
  return near !== null && distance(near, place) < ON_LINE_MM;
};

/** Two parts of an edge made one smooth line; one of nothing leaves the other. */
function joined(before: readonly Edge[], after: readonly Edge[]): Edge[] {
  if (before.length === 0 || after.length === 0) return [...before, ...after];
  const room = Math.min(lengthOfEdges(before), lengthOfEdges(after)) / 3;
  return trued(before, after, Math.min(TRUED_MM, room));
}
