import { fail, ok, type Result } from "../../result.ts";
import { type Point, placeAt, placesOf } from "../geometry/index.ts";
import { type LevelLine, outlineOf, type Piece } from "../piece/index.ts";

/** A line across a piece: how deep it lies at a distance from the centre, mm. */
export type LineAcross = (x: number) => number;

/** A stretch of a piece between two lines across it. */
export interface Band {
  readonly from: LineAcross;
  readonly to: LineAcross;
  /** How far out from the centre all moves as it does, mm. */
  readonly flatMm: number;
  /** Where the side lies nearest to the centre there, mm: from there out all is moved as the side is, so that its seam keeps its length. */
  readonly wideMm: number;
}

/** The least a band may be high, mm: less cannot take a change of length. */
const LEAST_HIGH_MM = 5;

/** How high or deep a piece reaches, mm. */
function reachOf(piece: Piece): { readonly top: number; readonly bottom: number; readonly wide: number } {
  const places = outlineOf(piece).flatMap(placesOf);
  const ys = places.map(({ y }) => y);
  return { top: Math.min(...ys), bottom: Math.max(...ys), wide: Math.max(...places.map(({ x }) => x)) };
}

const lineOf =
  ({ from, to }: LevelLine): LineAcross =>
  (x) =>
    from.y + ((to.y - from.y) * (x - from.x)) / (to.x - from.x);

/**
 * The stretch of a piece between two of its levels; `top` and `bottom` are where it ends, `upperEnd` and `sideEnd` where centre and side do, above and below.
 * @returns it; `unknown-level`, or `no-room` where the two do not follow one another down the piece.
 */
export function bandOf(piece: Piece, from: string, to: string): Result<Band> {
  const { top, bottom, wide } = reachOf(piece);
  const ends: Readonly<Record<string, LineAcross>> = {
    top: () => top,
    bottom: () => bottom,
    upperEnd: startLine(piece, top),
    sideEnd: endLine(piece, bottom),
  };
  const level = (id: string) => piece.levels.find((line) => line.level === id);
  const line = (id: string): LineAcross | null => {
    const own = level(id);
    return own ? lineOf(own) : (ends[id] ?? null);
  };
  const [upper, lower] = [line(from), line(to)];
  if (!upper || !lower)
    return fail(
      "unknown-level",
      `Expected two of ${["top", ...piece.levels.map((one) => one.level), "bottom"].join(", ")} on ${piece.id}, but got “${from}” and “${to}”.`,
    );
  const wideMm = sideWithin(piece, upper, lower) ?? level(from)?.to.x ?? level(to)?.to.x ?? wide;
  if (lower(0) - upper(0) < LEAST_HIGH_MM || lower(wideMm) - upper(wideMm) < LEAST_HIGH_MM)
    return fail(
      "no-room",
      `Expected ${LEAST_HIGH_MM} mm or more from ${from} down to ${to} on ${piece.id}, but there is less.`,
    );
  return ok({ from: upper, to: lower, wideMm, flatMm: flatOf(piece, wideMm) });
}

/** From the upper end of the centre to the upper end of the side: an upper edge that dips lies along it. */
function startLine(piece: Piece, top: number): LineAcross {
  const centre = piece.edges.find(({ role }) => role.startsWith("centre"));
  const start = piece.edges.find(({ id }) => id === "side")?.lines[0]?.from;
  const middle = Math.min(...(centre?.lines ?? []).flatMap(({ from, to }) => [from.y, to.y]));
  return start && Number.isFinite(middle)
    ? (x) => middle + ((start.y - middle) * Math.min(x, start.x)) / start.x
    : () => top;
}

/** From the lower end at the centre up to the lower end of the side: what lies below a leg keeps its corner there. */
function endLine(piece: Piece, bottom: number): LineAcross {
  const end = piece.edges.find(({ id }) => id === "side")?.lines.at(-1)?.to;
  return end ? (x) => bottom + ((end.y - bottom) * Math.min(x, end.x)) / end.x : () => bottom;
}

/** What is sewn to a gusset moves as the centre does, out to this beside it, mm. */
const BESIDE_GUSSET_MM = 6;

function flatOf(piece: Piece, wideMm: number): number {
  const gusset = piece.edges.find(({ role }) => role === "gusset");
  const reach = gusset ? Math.max(...gusset.lines.flatMap(({ from, to }) => [from.x, to.x])) + BESIDE_GUSSET_MM : 0;
  return Math.min(MOST_FLAT * wideMm, Math.max(FLAT * wideMm, reach));
}

/** A side is looked at in so many places a line. */
const LOOKS = 16;

/** How far out the side lies at the least between two lines, mm; null where there is none. */
function sideWithin(piece: Piece, upper: LineAcross, lower: LineAcross): number | null {
  const side = piece.edges.find(({ id }) => id === "side");
  const places = (side?.lines ?? [])
    .flatMap((line) => Array.from({ length: LOOKS + 1 }, (_, look) => placeAt(line, look / LOOKS)))
    .filter(({ x, y }) => y >= upper(x) && y <= lower(x));
  return places.length === 0 ? null : Math.min(...places.map(({ x }) => x));
}

/** How far down a band a place lies: 0 above it, 1 below it. */
export function partDown({ from, to }: Band, { x, y }: Point): number {
  const [high, low] = [from(x), to(x)];
  return Math.min(1, Math.max(0, (y - high) / (low - high)));
}

/** From 0 to 1 without a corner at either end. */
export const eased = (part: number): number => (1 - Math.cos(Math.PI * part)) / 2;

/** So much of the width from the centre out moves as the centre does: what is sewn there stays square to it. */
const FLAT = 0.3;

/** And no more than this, so that there is room for what lies between. */
const MOST_FLAT = 0.7;

/**
 * An amount between that at the centre and that at the side, at a distance from the centre, mm. It leaves both without a slope:
 * what met the fold square still does, and the side is moved as a whole.
 */
export const amountAt = (
  { wideMm, flatMm }: Band,
  { centre, side }: { readonly centre: number; readonly side: number },
  x: number,
): number => centre + (side - centre) * eased(Math.min(1, Math.max(0, (x - flatMm) / (wideMm - flatMm))));
