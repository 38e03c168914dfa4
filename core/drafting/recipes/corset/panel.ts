import { fail, ok, type Result } from "../../../result.ts";
import {
  angleBetween,
  backward,
  directionAt,
  type Edge,
  lengthOfEdges,
  mapped,
  type Point,
  point,
  shifted,
  smoothCurve,
  straight,
  turned,
  unit,
  type Vector,
  way,
} from "../../geometry/index.ts";
import { grainAt, type LevelLine, type Notch, type Piece, type PieceEdge } from "../../piece/index.ts";
import { edge, sewnTo } from "../drawn.ts";
import type { Given } from "../facts.ts";
import { sideCurve } from "../sideCurve.ts";
import { type CorsetSide, downTo, outsOf, type SeamEdge } from "./side.ts";

/** One edge down a panel, with where its levels lie. */
interface Upright {
  readonly lines: readonly Edge[];
  readonly places: readonly Point[];
}

/** Names of a panel and of its edges. */
export const panelId = (number: number): string => `panel${number}`;
export const FRONT_EDGE = "front";
export const BACK_EDGE = "back";

/**
 * The panels of one side, laid flat with the waist straight across each: seam lines as long from level to level as the body is, so
 * that both edges of a seam are equal; the centres straight.
 * @returns them; or `seam-turns-too-much` where a seam would have to run across.
 */
export function panelPieces(given: Given, side: CorsetSide): Result<readonly Piece[]> {
  const uprights: (readonly [Upright, Upright])[] = [];
  for (const [at] of side.shares.entries()) {
    const [front, back] = [upright(side, at, "behind"), upright(side, at + 1, "before")];
    if (!front.ok) return front;
    if (!back.ok) return back;
    uprights.push([opened(front.value, side, 0, given), opened(back.value, side, at + 1, given)]);
  }
  const placed = uprights.map(([front, back], at) => placedPanel(front, back, baseWidth(side, at)));
  const tops = slopes(
    placed.map(({ front, back }) => [front, back] as const),
    "top",
  );
  const lows = slopes(
    placed.map(({ front, back }) => [front, back] as const),
    "bottom",
  );
  return ok(placed.map((panel, at) => piece(given, side, { at, ...panel, tops, lows })));
}

const baseWidth = ({ shares, girthsMm, base }: CorsetSide, at: number): number =>
  ((shares[at] ?? 0) * girthsMm[base]) / 2;

/** An edge of a seam, out from its place at the base to the right. */
function upright(side: CorsetSide, seam: number, which: SeamEdge): Result<Upright> {
  const [outs, downs] = [outsOf(side, seam, which), side.downsMm[seam] ?? []];
  if (seam === 0 || seam === side.shares.length) {
    const places = downTo(side, seam).map((down) => point(0, down));
    return ok({ places, lines: straightThrough([places[0], places.at(-1)]) });
  }
  const curve = sideCurve(
    "panel",
    side.levels.map((level, at) => ({
      level,
      name: level,
      downMm: at === 0 ? 0 : (downs[at - 1] ?? 0),
      halfMm: outs[at] ?? 0,
    })),
  );
  if (curve.ok) return curve;
  return fail(
    "seam-turns-too-much",
    `Expected seam ${seam} to go down, but the panels widen there by more than its levels lie apart: more panels, or less taken off.`,
  );
}

/** The centre back leaves a triangle open above the waist, where that is asked for. */
function opened(line: Upright, side: CorsetSide, seam: number, given: Given): Upright {
  const [top, low] = [given.number("open_top") / 2, given.number("open_waist") / 2];
  if (seam !== side.shares.length || top + low === 0) return line;
  const waist = side.levels.indexOf("waist");
  const [from, to] = [line.places[0]?.y ?? 0, line.places[waist]?.y ?? 0];
  const places = line.places.map(({ x, y }, at) =>
    point(at <= waist ? x - low - ((top - low) * (to - y)) / Math.max(1, to - from) : x, y),
  );
  return { places, lines: straightThrough([places[0], places[waist], places.at(-1)]) };
}

/** Straight from each place to the next. */
const straightThrough = (places: readonly (Point | undefined)[]): Edge[] =>
  places.slice(1).flatMap((to, at) => {
    const from = places[at];
    return from && to && from !== to ? [straight(from, to)] : [];
  });

interface Placed {
  readonly front: Upright;
  readonly back: Upright;
}

/** Both edges with the waist at one height: the front one mirrored, as its outside lies to the left. */
function placedPanel(front: Upright, back: Upright, widthMm: number): Placed {
  const flipped = {
    lines: front.lines.map((line) => mapped(line, ({ x, y }) => point(-x, y))),
    places: front.places.map(({ x, y }) => point(-x, y)),
  };
  return { front: flipped, back: movedBy(back, point(widthMm, 0)) };
}

const movedBy = ({ lines, places }: Upright, by: Vector): Upright => ({
  lines: lines.map((line) => shifted(line, by)),
  places: places.map(({ x, y }) => point(x + by.x, y + by.y)),
});

type End = "top" | "bottom";

const endOf = ({ lines, places }: Upright, end: End): { readonly at: Point; readonly across: Vector } => {
  const line = end === "top" ? lines[0] : lines.at(-1);
  const down = (line && directionAt(line, end === "top" ? 0 : 1)) ?? point(0, 1);
  // Square to the edge, away from the centre front.
  return { at: (end === "top" ? places[0] : places.at(-1)) ?? point(0, 0), across: point(down.y, -down.x) };
};

/**
 * How an upper or lower line crosses each seam, as the angle to the square of it, radians: the mean of what the panels on both sides
 * would have, so that it goes on without a corner once the seams are closed; square at the centres.
 */
function slopes(panels: readonly (readonly [Upright, Upright])[], end: End): number[] {
  const chords = panels.map(([front, back]) => {
    const [from, to] = [endOf(front, end), endOf(back, end)];
    const chord = unit(way(from.at, to.at)) ?? point(1, 0);
    return { atFront: angleBetween(from.across, chord), atBack: angleBetween(to.across, chord) };
  });
  return Array.from({ length: panels.length + 1 }, (_, seam) => {
    const [before, behind] = [chords[seam - 1], chords[seam]];
    return before && behind ? (before.atBack + behind.atFront) / 2 : 0;
  });
}

/** From the front edge of a panel to its back edge, crossing both seams as told. */
function across(front: Upright, back: Upright, end: End, [leaving, arriving]: readonly [number, number]): Edge {
  const [from, to] = [endOf(front, end), endOf(back, end)];
  return smoothCurve(
    { at: from.at, toward: turned(from.across, leaving) },
    { at: to.at, toward: turned(to.across, arriving) },
    { leaving: 1 / 3, arriving: 1 / 3 },
  );
}

interface Shaped extends Placed {
  readonly at: number;
  readonly tops: readonly number[];
  readonly lows: readonly number[];
}

function piece(given: Given, side: CorsetSide, { at, front, back, tops, lows }: Shaped): Piece {
  const count = side.shares.length;
  const [number, waist] = [at + 1, side.levels.indexOf("waist")];
  // The waist of both edges at one height: it is sewn to a straight tape.
  const lift = (line: Upright) => movedBy(line, point(0, -(line.places[waist]?.y ?? 0)));
  const [left, right] = [lift(front), lift(back)];
  const top = across(left, right, "top", [tops[at] ?? 0, tops[number] ?? 0]);
  const low = across(left, right, "bottom", [lows[at] ?? 0, lows[number] ?? 0]);
  const onFold = at === 0 && given.choice("front") === "fold";
  const edges: PieceEdge[] = [
    edge("top", "top", [top], hem(given)),
    edge(BACK_EDGE, number === count ? "centreBack" : "panel", right.lines, seamOf(given, side, number, "back")),
    edge("bottom", "hem", backward([low]), hem(given)),
    edge(FRONT_EDGE, at === 0 ? "centreFront" : "panel", backward(left.lines), seamOf(given, side, at, "front")),
  ];
  return {
    id: panelId(number),
    name: `Panel ${number}${at === 0 ? ", centre front" : number === count ? ", centre back" : ""}`,
    count: onFold ? 1 : 2,
    onFold,
    mirrored: !onFold,
    role: "shell",
    edges,
    levels: levelLines(side, left, right),
    grain: grainAt(
      (left.places[waist]?.x ?? 0) / 2 + (right.places[waist]?.x ?? 0) / 2,
      left.places[0]?.y ?? 0,
      left.places.at(-1)?.y ?? 0,
    ),
    notches: [
      ...notches(side, right.lines, BACK_EDGE, false, number),
      ...notches(side, left.lines, FRONT_EDGE, true, at),
    ],
    links: [],
  };
}

const hem = (given: Given) => {
  const allowanceMm = given.number("edge_allowance");
  return allowanceMm > 0 ? ({ finish: "hem", allowanceMm } as const) : ({ finish: "raw", allowanceMm } as const);
};

/** What becomes of an edge down a panel: sewn to its neighbour, on the fold, or turned in for what closes it. */
function seamOf(given: Given, { shares }: CorsetSide, seam: number, which: "front" | "back") {
  if (seam > 0 && seam < shares.length)
    return which === "back"
      ? sewnTo(panelId(seam + 1), FRONT_EDGE, given.number("seam_allowance"))
      : sewnTo(panelId(seam), BACK_EDGE, given.number("seam_allowance"));
  const front = given.choice("front");
  if (seam === 0 && front === "fold") return { finish: "fold", allowanceMm: 0 } as const;
  const allowanceMm =
    seam === 0 && front === "seam" ? given.number("seam_allowance") : given.number("closing_allowance");
  return { finish: "seam", allowanceMm } as const;
}

const levelLines = ({ levels }: CorsetSide, left: Upright, right: Upright): LevelLine[] =>
  levels.flatMap((level, at) => {
    const [from, to] = [left.places[at], right.places[at]];
    return from && to && level !== "upperEdge" ? [{ level, from, to }] : [];
  });

/** The waist and every level between the ends, marked where panels are matched; none at a fold. */
function notches(side: CorsetSide, lines: readonly Edge[], edgeId: string, upward: boolean, seam: number): Notch[] {
  if (seam === 0 || seam === side.shares.length) return [];
  const whole = lengthOfEdges(lines);
  return downTo(side, seam)
    .slice(1, -1)
    .map((down) => ({ edge: edgeId, mm: upward ? whole - down : down }));
}
