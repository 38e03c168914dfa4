import { term } from "../../../explain/index.ts";
import { fail, ok, type Result } from "../../../result.ts";
import type { DraftNumber } from "../../draft.ts";
import {
  directionAt,
  type Edge,
  lengthOfEdges,
  type Point,
  partAlong,
  point,
  smoothCurve,
  times,
  turned,
  type Vector,
} from "../../geometry/index.ts";
import { edgeLength, edgeOf, type Piece, type PieceEdge } from "../../piece/index.ts";
import { edge, lengthNumber } from "../drawn.ts";
import type { Given } from "../facts.ts";
import { type CupPlace, LEAST_ABOVE_MM, lineAt, placeOf, toUnderbust } from "./cupPlace.ts";
import { BACK_EDGE, FRONT_EDGE } from "./panel.ts";
import type { CorsetSide } from "./side.ts";

/** Panels with the seam their cups are sewn into. */
export interface CuppedPanels {
  readonly pieces: readonly Piece[];
  readonly numbers: readonly DraftNumber[];
  /** Names of the edges that lie above each panel, from the front. */
  readonly uppers: readonly (readonly string[])[];
}

/** Halvings of the depth at which the seam is as long as the crease it lies on: far within a thread. */
const HALVINGS = 24;

/**
 * The front panels cut out for cups: from the gap between them to where they begin from the side, down to the underbust, along half an
 * ellipse whose seam is as long as the crease of the breast. It crosses every panel seam without a corner once that is sewn.
 * @returns them; or `cup-outside`, `no-crease`, `crease-too-short`, `crease-too-long`, which name what does not fit.
 */
export function cutForCups(given: Given, side: CorsetSide, pieces: readonly Piece[]): Result<CuppedPanels> {
  const place = placeOf(given, side);
  if (!place.ok) return place;
  const lineMm = given.measure("wire_line");
  if (lineMm === null)
    return fail("no-crease", "Expected the measure wire_line for cups: the crease their seam lies along.");
  const most = Math.min(...place.value.seamsMm.slice(0, -1).map((_, seam) => toUnderbust(side, seam))) - LEAST_ABOVE_MM;
  const along = (depth: number) => cupLength(cutPanels(given, side, pieces, place.value, depth).pieces);
  if (along(1) > lineMm)
    return fail(
      "crease-too-short",
      `Expected wire_line to be over ${along(1).toFixed(0)} mm, as far as the cup lies along the underbust, but it is ${lineMm.toFixed(0)} mm: begin it farther from the side.`,
    );
  if (along(most) < lineMm)
    return fail(
      "crease-too-long",
      `Expected wire_line to be at most ${along(most).toFixed(0)} mm between bust and underbust, but it is ${lineMm.toFixed(0)} mm: begin it nearer to the side.`,
    );
  let [low, high] = [1, most];
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    if (along(middle) < lineMm) low = middle;
    else high = middle;
  }
  const cut = cutPanels(given, side, pieces, place.value, low);
  return ok({ ...cut, numbers: cupNumbers(given, place.value, cupLength(cut.pieces), low) });
}

function cutPanels(given: Given, side: CorsetSide, pieces: readonly Piece[], place: CupPlace, depth: number) {
  const cut = pieces.map((piece, at) =>
    at < side.sideSeam ? cutPanel(given, side, { piece, at, place, depth }) : piece,
  );
  const uppers = cut.map(({ edges }) => edges.filter(({ id }) => UPPERS.includes(id)).map(({ id }) => id));
  return { pieces: cut, uppers };
}

/** Edges above a panel, as they follow one another from the front. */
const UPPERS: readonly string[] = ["top", "cup", "topSide"];

interface CutOf {
  readonly piece: Piece;
  readonly at: number;
  readonly place: CupPlace;
  readonly depth: number;
}

function cutPanel(given: Given, side: CorsetSide, { piece, at, place, depth }: CutOf): Piece {
  const sideTop = toUnderbust(side, side.sideSeam);
  const [x0, x1] = [place.seamsMm[at] ?? 0, place.seamsMm[at + 1] ?? 0];
  const last = at + 1 === side.sideSeam;
  const [l, r] = [lineAt(place, depth, x0, sideTop), lineAt(place, depth, x1, sideTop)];
  const [offFront, offBack] = [toUnderbust(side, at) - l.rise, last ? 0 : toUnderbust(side, at + 1) - r.rise];
  const [front, back] = [edgeOf(piece, FRONT_EDGE), edgeOf(piece, BACK_EDGE)];
  const [frontMm, backMm] = [lengthOfEdges(front.lines), lengthOfEdges(back.lines)];
  const frontLines = partAlong(front.lines, 0, frontMm - offFront);
  const backLines = partAlong(back.lines, offBack, backMm);
  const [start, end] = [upperEnd(frontLines.at(-1), 1), upperEnd(backLines[0], 0)];
  const wasTop = edgeOf(piece, "top").lines.at(-1);
  const arriving = last && wasTop ? (directionAt(wasTop, 1) ?? end.across) : turned(end.across, r.slope);
  const within = (x: number) => x > x0 && x < x1;
  const high = (x: number) => (x === place.fromMm ? (place.frontMm ?? depth) : depth);
  const inner = (x: number): Point => placed(piece, { x, x0, x1, depth: high(x) }, start.at, end.at);
  const cuts = [place.fromMm, place.toMm].filter(within);
  const stops = [
    { at: start.at, leaving: turned(start.across, l.slope), arriving: turned(start.across, l.slope) },
    ...cuts.map((x) => ({
      at: inner(x),
      // Into the cup straight down, out of it straight up; flat above the bridge, on toward the side.
      leaving: x === place.fromMm ? point(0, 1) : toward(inner(x), end.at),
      arriving: x === place.fromMm ? point(1, 0) : point(0, -1),
    })),
    { at: end.at, leaving: arriving, arriving },
  ];
  const middles = [x0, ...cuts].map((x, index) => (x + ([...cuts, x1][index] ?? x1)) / 2);
  const upper = stops.slice(1).map((stop, index): PieceEdge => {
    const from = stops[index] ?? stop;
    const x = middles[index] ?? x0;
    const line = smoothCurve({ at: from.at, toward: from.leaving }, { at: stop.at, toward: stop.arriving }, ROUND);
    const id = x < place.fromMm ? "top" : x > place.toMm ? "topSide" : "cup";
    return id === "cup"
      ? edge(id, "top", [line], { finish: "seam", allowanceMm: given.number("seam_allowance") })
      : edge(id, "top", [line], edgeMade(piece));
  });
  return {
    ...piece,
    edges: [...upper, { ...back, lines: backLines }, edgeOf(piece, "bottom"), { ...front, lines: frontLines }],
    levels: piece.levels.filter(({ level }) => level !== "bust"),
    notches: piece.notches.flatMap((notch) => {
      if (notch.edge === BACK_EDGE) return notch.mm - offBack > 1 ? [{ ...notch, mm: notch.mm - offBack }] : [];
      return notch.mm < frontMm - offFront - 1 ? [notch] : [];
    }),
  };
}

/** Handles of a curve that comes near to a quarter of an ellipse. */
const ROUND = { leaving: 0.4, arriving: 0.4 };

/** What becomes of an upper edge, as the panel's own was made. */
const edgeMade = (piece: Piece): { finish: PieceEdge["finish"]; allowanceMm: number } => {
  const { finish, allowanceMm } = edgeOf(piece, "top");
  return { finish, allowanceMm };
};

/** The upper end of an edge, with the way square to it away from the centre front. */
function upperEnd(line: Edge | undefined, end: 0 | 1): { readonly at: Point; readonly across: Vector } {
  const along = (line && directionAt(line, end)) ?? point(0, 1);
  const down = end === 1 ? times(along, -1) : along;
  return { at: (end === 1 ? line?.to : line?.from) ?? point(0, 0), across: point(down.y, -down.x) };
}

/** A place of the upper line within a panel: above its underbust by the depth, leaning with both edges. */
function placed(
  piece: Piece,
  { x, x0, x1, depth }: { x: number; x0: number; x1: number; depth: number },
  start: Point,
  end: Point,
): Point {
  const line = piece.levels.find(({ level }) => level === "underbust");
  const [from, to] = [line?.from ?? start, line?.to ?? end];
  const part = (x - x0) / (x1 - x0);
  const lean =
    (1 - part) * (start.x - from.x) * near(start, from, depth) + part * (end.x - to.x) * near(end, to, depth);
  return point(from.x + part * (to.x - from.x) + lean, from.y + part * (to.y - from.y) - depth);
}

/** How much of an edge's lean is reached at a depth: as much as the height it was read at allows. */
const near = (end: Point, base: Point, depth: number): number => {
  const height = base.y - end.y;
  return height > 1 ? Math.min(1, depth / height) : 0;
};

const toward = (from: Point, to: Point): Vector => {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const far = Math.hypot(dx, dy);
  return far > 0 ? point(dx / far, dy / far) : point(1, 0);
};

/** The cup seam of one side along its panels, mm. */
const cupLength = (pieces: readonly Piece[]): number =>
  pieces.flatMap(({ edges }) => edges.filter(({ id }) => id === "cup")).reduce((sum, one) => sum + edgeLength(one), 0);

const length = term("garment", "length");

function cupNumbers(
  given: Given,
  { seamsMm, bridgeMm, fromSideMm, fromMm, toMm, frontMm }: CupPlace,
  lineMm: number,
  depth: number,
): DraftNumber[] {
  return [
    lengthNumber("cup.width", "Cup along the underbust", {
      formula: "W − s − b / 2",
      terms: [
        length("W", "front of one side at the underbust", seamsMm.at(-1) ?? 0, "panels"),
        term("setting", "length")("s", "cup from the side seam", fromSideMm, "option of the recipe"),
        term("body", "length")("b", "between the cups", bridgeMm, "bridge_width, else 15 mm"),
      ],
      value: toMm - fromMm,
    }),
    lengthNumber("cup.line", "Cup seam along the panels", {
      formula: "L",
      terms: [length("L", "of every panel it crosses", lineMm, "as drawn")],
      value: lineMm,
      notes: ["As long as the crease of the breast (wire_line): the cup is sewn into it without ease."],
    }),
    lengthNumber("cup.depth", "Cup seam, how deep it dips", {
      formula: "d",
      terms: [length("d", "where the seam is as long as the crease", depth, "solved by halving the interval")],
      value: depth,
    }),
    ...frontNumber(given, frontMm),
  ];
}

/** How high the centre front ends, from how deep the neckline may go. */
function frontNumber(given: Given, frontMm: number | null): DraftNumber[] {
  const [neckMm, deepMm] = [given.measure("front_neck_to_waist"), given.measure("neck_to_front_edge")];
  if (frontMm === null || neckMm === null || deepMm === null) return [];
  return [
    lengthNumber("cup.front", "Centre front above the underbust", {
      formula: "N − E − H",
      terms: [
        term("body", "length")("N", "neck base to waist, centre front", neckMm, "front_neck_to_waist"),
        term("body", "length")("E", "as deep as the neckline may go", deepMm, "neck_to_front_edge"),
        length("H", "underbust to waist, front", neckMm - deepMm - frontMm, "heights between levels"),
      ],
      value: frontMm,
      notes: ["So the centre front ends as far below the neck base as was asked."],
    }),
  ];
}
