import {
  asCut,
  cross,
  type Draft,
  dot,
  edgeLength,
  isParted,
  lengthOfEdges,
  levelWidth,
  type Piece,
  type PieceEdge,
  type Point,
  parted,
  placeAlong,
  pointOf,
  sideOf,
  square,
  standingAlong,
  statedOf,
  unit,
  type Vector,
  way,
} from "../drafting/index.ts";
import type { Change, Doing } from "../fitting/index.ts";

/** How a change is told at the cutting table, on one piece. */
export interface Cut {
  /** Line or seam. */
  readonly line: string;
  readonly doing: Doing;
  /** Edges of the piece, as it is cut, that take the amount; left out for one. */
  readonly edges?: number;
}

/**
 * What a decided change is to do to one measurable thing of one piece: measured on the piece before and after, it has to differ by just
 * so much. mm, signed.
 */
export interface Landing {
  readonly piece: string;
  readonly measure: MeasureId;
  /** The level, edge or point that is measured; `side.start` and `side.end` for where the side ends. */
  readonly of: string;
  /** At which part of the way along the edge it is measured, 0 to 1; left out where the whole is. */
  readonly atPart?: number;
  readonly byMm: number;
  /** How it is told at the cutting table; left out where it only follows. */
  readonly cut?: Cut;
}

/** A landing as it came out, mm. */
export interface Landed extends Landing {
  /** By how much it really differs; null where it cannot be measured any more. */
  readonly cameMm: number | null;
}

/** Decided and drawn agree to this, mm. */
export const LANDS_MM = 0.3;

/** True where a landing came out as it was decided. */
export const hasLanded = ({ byMm, cameMm }: Landed): boolean => cameMm !== null && Math.abs(cameMm - byMm) <= LANDS_MM;

/** By how much something of a piece differs, mm; null where one of the two has no such thing. */
type Measure = (old: Piece, now: Piece, landing: Landing) => number | null;

/** One of two pieces measured, and the other alike. */
const difference =
  (of: (piece: Piece, landing: Landing) => number | null): Measure =>
  (old, now, landing) => {
    const [before, after] = [of(old, landing), of(now, landing)];
    return before === null || after === null ? null : after - before;
  };

/** What can be measured of a piece; adding one is adding a line. */
const MEASURES = {
  /** How wide the drawn half is at a level, or at an end of its side. */
  width: difference((piece, { of }) => {
    const [edge, end] = of.split(".");
    if (edge === "side" && end) return sideEndAt(piece, end);
    const line = piece.levels.find(({ level }) => level === of);
    return line ? levelWidth(line) : null;
  }),
  /** How long an edge is once its darts are sewn. */
  edge: difference((piece, { of }) => {
    const parts = asCut(piece).edges.filter(({ id }) => id === of || id === `${of}-2`);
    return parts.length === 0 ? null : parts.reduce((sum, edge) => sum + edgeLength(edge), 0);
  }),
  /** How far down the centre a level begins, from the upper end of the piece there. */
  down: difference((piece, { of }) => {
    const line = piece.levels.find(({ level }) => level === of);
    const centre = piece.edges.find(({ role }) => role.startsWith("centre"));
    if (!line || !centre) return null;
    return line.from.y - Math.min(...centre.lines.flatMap(({ from, to }) => [from.y, to.y]));
  }),
  /** How deep a level, or the end of the side, lies below where the side begins. */
  sideDown: difference((piece, { of }) => {
    const side = piece.edges.find(({ id }) => id === "side");
    const start = side?.lines[0]?.from;
    const there = of === "side.end" ? side?.lines.at(-1)?.to : piece.levels.find(({ level }) => level === of)?.to;
    return start && there ? there.y - start.y : null;
  }),
  /** How far a place of an edge lies outside of where it was. */
  off: (old, now, { of, atPart = 0 }) => {
    const [before, after] = [old, now].map((piece) => piece.edges.find(({ id }) => id === of));
    const there = before && standingAlong(before.lines, atPart * edgeLength(before));
    if (!there || !after) return null;
    return offAt(after, there.at, there.along);
  },
  /** How far along the line between its ends an edge stands furthest off that line. */
  fullest: difference((piece, { of }) => {
    const edge = piece.edges.find(({ id }) => id === of);
    return edge ? fullestAlong(edge) : null;
  }),
  /** Where a point lies, away from the centre. */
  across: difference((piece, { of }) => pointOf(piece, of)?.x ?? null),
  /** How deep a point lies. */
  deep: difference((piece, { of }) => pointOf(piece, of)?.y ?? null),
} as const satisfies Readonly<Record<string, Measure>>;

/** What is measured: of a piece, or the length that is stated of an edge nobody drew. */
export type MeasureId = keyof typeof MEASURES | "stated";

/** All of {@link MeasureId}. */
export const MEASURE_IDS = [...Object.keys(MEASURES), "stated"] as readonly MeasureId[];

/** How far an edge lies left of the way along at a place, straight across from it; null where it does not pass there. */
function offAt({ lines }: PieceEdge, at: Point, along: Vector): number | null {
  const whole = lengthOfEdges(lines);
  const placed = (mm: number) => way(at, placeAlong(lines, mm) ?? at);
  const ahead = (mm: number) => dot(placed(mm), along);
  const step = whole / LOOKS;
  const met: number[] = [];
  for (let look = 0; look < LOOKS; look += 1) {
    let [from, to] = [look * step, (look + 1) * step];
    if (ahead(from) * ahead(to) > 0) continue;
    // Halved until it lies straight across.
    for (let turn = 0; turn < HALVINGS; turn += 1) {
      const middle = (from + to) / 2;
      if (ahead(from) * ahead(middle) <= 0) to = middle;
      else from = middle;
    }
    met.push(-dot(placed(from), square(along)));
  }
  return met.toSorted((a, b) => Math.abs(a) - Math.abs(b))[0] ?? null;
}

const HALVINGS = 30;

/** An edge is looked at in so many places for where it stands furthest off. */
const LOOKS = 400;

/** How far along its chord an edge stands furthest off it, mm; between the places looked at by a parabola through three of them. */
function fullestAlong({ lines }: PieceEdge): number | null {
  const [from, to] = [lines[0]?.from, lines.at(-1)?.to];
  const toward = from && to ? unit(way(from, to)) : null;
  if (!from || !toward) return null;
  const whole = lengthOfEdges(lines);
  const places = Array.from({ length: LOOKS + 1 }, (_, at) => placeAlong(lines, (whole * at) / LOOKS) ?? from);
  const off = places.map((place) => Math.abs(cross(toward, way(from, place))));
  const along = places.map((place) => dot(toward, way(from, place)));
  const most = off.indexOf(Math.max(...off));
  const [before, at, after] = [off[most - 1], off[most] ?? 0, off[most + 1]];
  if (before === undefined || after === undefined) return along[most] ?? null;
  const bend = before - 2 * at + after;
  const part = bend === 0 ? 0 : (before - after) / (2 * bend);
  return (along[most] ?? 0) + (part * ((along[most + 1] ?? 0) - (along[most - 1] ?? 0))) / 2;
}

/** How far from the centre the side begins or ends. */
function sideEndAt({ edges }: Piece, end: string): number | null {
  const side = edges.find(({ id }) => id === "side");
  const at = end === "start" ? side?.lines[0]?.from : side?.lines.at(-1)?.to;
  return at ? Math.abs(at.x) : null;
}

/** What a change is to come to, measured on the pieces before it and after it; of both sides, where they are told apart, the one that is further off. */
export function landedOn(
  before: Draft,
  after: Draft,
  { side }: Pick<Change, "side">,
  lands: readonly Landing[],
): Landed[] {
  const sides = side === "both" ? (["left", "right"] as const) : [side];
  const views = isParted(after)
    ? sides.map((one) => [sideOf(parted(before), one), sideOf(after, one)] as const)
    : [[before, after] as const];
  return lands.map((landing) => {
    const came = views.map(([old, now]) => cameTo(old, now, landing));
    const worst = came.toSorted((a, b) => offBy(b, landing) - offBy(a, landing))[0];
    return { ...landing, cameMm: worst ?? null };
  });
}

const offBy = (cameMm: number | null, { byMm }: Landing): number =>
  cameMm === null ? Number.POSITIVE_INFINITY : Math.abs(cameMm - byMm);

/** By how much one thing differs on drafts of one side, or of both alike; null where it is not there. */
export function cameTo(before: Draft, after: Draft, landing: Landing): number | null {
  if (landing.measure === "stated") {
    const [old, now] = [before, after].map((draft) => statedMm(draft, landing));
    return old === null || now === null || old === undefined || now === undefined ? null : now - old;
  }
  const [old, now] = [before, after].map(({ pieces }) => pieces.find(({ id }) => id === landing.piece));
  return old && now ? MEASURES[landing.measure](old, now, landing) : null;
}

/** The stated length of an edge; null where none is. */
const statedMm = (draft: Draft, { piece, of }: Landing): number | null =>
  statedOf(draft).find((one) => one.piece === piece && one.edge === of)?.lengthMm ?? null;
