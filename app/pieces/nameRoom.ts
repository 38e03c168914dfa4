import polylabel from "polylabel";
import { type CutPiece, outlineOf, type Point, placesAlong } from "../../core/drafting/index.ts";

/** Where a piece has room for its name, how much along it and across, and whether that is up and down. mm */
export interface NameRoom {
  readonly at: Point;
  readonly alongMm: number;
  readonly acrossMm: number;
  readonly upright: boolean;
}

/** The place is found to this, mm. */
const FINE_MM = 1;

/** Across is read more easily: up and down has to give so much more. */
const BETTER = 1.5;

/** The room a piece has for its name: in the largest gap between its levels, else through the place that lies farthest from all of its edges. */
export function nameRoom(piece: CutPiece): NameRoom {
  const ring = outlineOf(piece)
    .flatMap((edge) => placesAlong(edge))
    .map(({ x, y }): [number, number] => [x, y]);
  const gap = betweenLevels(piece);
  const pole = gap ? null : polylabel([ring], FINE_MM);
  const [x, y] = gap ? [gap.at.x, gap.at.y] : (pole ?? [0, 0]);
  const acrossMm = gap?.mm ?? 2 * (pole?.distance ?? 0);
  const across = chord(ring, x, y);
  const turned = chord(
    ring.map(([a, b]) => [b, a]),
    y,
    x,
  );
  const reach = pole?.distance ?? 0;
  if (!gap && turned.to - turned.from > BETTER * (across.to - across.from)) {
    const down = roomAlong(turned, y, UPRIGHT_REACH * reach);
    return { at: { x, y: down.at }, alongMm: down.mm, acrossMm, upright: true };
  }
  const along = roomAlong(across, x, reach / 2);
  return { at: { x: along.at, y }, alongMm: along.mm, acrossMm, upright: false };
}

/** A name up and down lies on a narrow piece, which is as wide a good way along. */
const UPRIGHT_REACH = 2;

/** The middle of the largest gap between the levels of a piece, and how high it is; null where it has fewer than two. */
function betweenLevels({ levels }: CutPiece): { readonly at: Point; readonly mm: number } | null {
  const gaps = levels.slice(1).map((below, at) => {
    const above = levels[at] ?? below;
    return {
      mm: below.from.y - above.from.y,
      at: {
        x: (above.from.x + Math.min(above.to.x, below.to.x)) / 2,
        y: (above.from.y + below.from.y + above.to.y + below.to.y) / 4,
      },
    };
  });
  return gaps.toSorted((a, b) => b.mm - a.mm)[0] ?? null;
}

/** The middle of a line, but no farther from the open place than it goes on so: with how much there is to both sides of it. */
function roomAlong({ from, to }: Chord, place: number, reach: number): { readonly at: number; readonly mm: number } {
  const at = Math.min(place + reach, Math.max(place - reach, (from + to) / 2));
  return { at, mm: 2 * Math.min(at - from, to - at) };
}

/** A straight line across a ring. */
export interface Chord {
  readonly from: number;
  readonly to: number;
}

/** The straight line across a ring through a place within it. */
export function chord(ring: readonly (readonly [number, number])[], x: number, y: number): Chord {
  const met = ring.flatMap(([fromX, fromY], at) => {
    const [toX, toY] = ring[(at + 1) % ring.length] ?? [fromX, fromY];
    return fromY > y === toY > y ? [] : [fromX + ((y - fromY) / (toY - fromY)) * (toX - fromX)];
  });
  return {
    from: Math.max(...met.filter((one) => one <= x), x - NO_EDGE_MM),
    to: Math.min(...met.filter((one) => one >= x), x + NO_EDGE_MM),
  };
}

/** Where no edge is met there is no end to the room: no piece is so large, mm. */
const NO_EDGE_MM = 1e4;
