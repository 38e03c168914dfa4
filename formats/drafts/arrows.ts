import {
  boxOfEdges,
  moved,
  outlineOf,
  type Piece,
  type Point,
  pathData,
  square,
  times,
  unit,
  way,
} from "../../core/drafting/index.ts";

/** Length of the two strokes of an arrow's head along it and to either side, mm. */
const HEAD = { along: 4, aside: 2 } as const;

/** Half the length of the arrow of greatest stretch at most, mm; and how much of the room beside it that takes. */
const STRETCH = { halfMm: 16, ofRoom: 0.8 } as const;

/** The arrow of greatest stretch lies past the lower end of the grain, clear of the words beside it: from its middle, in halves of its length. */
const LIES_AT = 1.35;

/** A grain that lies further off the upright is one of a piece that is cut on the bias, as the sideways part of its length. */
const UPRIGHT = 0.17;

/** Roles of cloth that carry no pull round the body. */
const STILL_ROLES: readonly Piece["role"][] = ["casing", "facing"];

/** A line with a head at its second end: it points at something. */
export function pointer(from: Point, to: Point): string[] {
  const back = unit(way(to, from));
  return back ? [line([from, to]), head(to, back)] : [];
}

/** A line with a head at both ends: it says a direction, not a sense. */
export function arrowLine(from: Point, to: Point): string[] {
  const along = unit(way(from, to));
  return along ? [...pointer(from, to), head(from, along)] : [];
}

/**
 * The direction of greatest stretch, which goes round the body: an arrow square to the grain, as long as the piece has room beside it. None
 * where nothing stretches: bridges and cradles, casings, panels of a boned garment; nor on the bias, where the grain tells all.
 */
export function stretchArrow({ grain, edges, role, part }: Piece): string[] {
  const along = unit(way(grain.from, grain.to));
  if (!along || Math.abs(along.x) > UPRIGHT || STILL_ROLES.includes(role) || part === "frame") return [];
  if (edges.some((edge) => edge.role === "panel")) return [];
  const middle = times(way(grain.from, grain.to), (1 + LIES_AT) / 2);
  const at = moved(grain.from, middle);
  const box = boxOfEdges(outlineOf({ edges }));
  const room = Math.min(at.x - box.from.x, box.to.x - at.x) * STRETCH.ofRoom;
  const half = times(square(along), Math.min(STRETCH.halfMm, room));
  return arrowLine(moved(at, half, -1), moved(at, half));
}

/** The two strokes of a head whose tip is here, opening along the way given. */
const head = (tip: Point, along: { readonly x: number; readonly y: number }): string => {
  const back = moved(tip, along, HEAD.along);
  return line([moved(back, square(along), HEAD.aside), tip, moved(back, square(along), -HEAD.aside)]);
};

const line = ([first, ...more]: readonly Point[]): string =>
  first === undefined
    ? ""
    : pathData(more.map((to, at) => ({ kind: "straight", from: more[at - 1] ?? first, to }) as const));
