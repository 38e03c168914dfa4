import { Type } from "typebox";
import { fail, ok, type Result } from "../../result.ts";
import type { Draft } from "../draft.ts";
import { type Edge, mapped, type Point, point } from "../geometry/index.ts";
import { girthsOf } from "../measured.ts";
import { type Piece, type PieceEdge, timesRound } from "../piece/index.ts";
import { operation } from "./operation.ts";
import { amount, name } from "./params.ts";

/** What each edge of a seam between panels is moved by at a level, mm: above 0 outward. */
interface LevelAmount {
  readonly level: string;
  readonly perEdge: number;
}

/**
 * `panelSeams`: every seam between panels let out or taken in by so much an edge at three levels, changing evenly between them and as at
 * the outer ones beyond. Upper and lower line go with their seams.
 */
export const panelSeams = operation({
  id: "panelSeams",
  name: "Let out or take in the panel seams",
  about:
    "Moves both edges of every seam between panels by an amount at three levels, above 0 outward, evenly between them; the gap of a lacing takes the difference where that is asked for.",
  params: Type.Object(
    {
      upper: name(),
      upperAmount: amount(),
      at: name(),
      amount: amount(),
      lower: name(),
      lowerAmount: amount(),
      /** `takes`: the closed girth stays, and what the panels gain the gap loses. `stays`: the closed girth changes. */
      gap: Type.Enum(["takes", "stays"]),
    },
    { additionalProperties: false },
  ),
  apply(draft, params) {
    const at: readonly LevelAmount[] = [
      { level: params.upper, perEdge: params.upperAmount },
      { level: params.at, perEdge: params.amount },
      { level: params.lower, perEdge: params.lowerAmount },
    ];
    const unknown = at.find(({ level }) => !draft.levels.some((one) => one.level === level));
    if (unknown)
      return fail(
        "unknown-level",
        `Expected a level of ${draft.levels.map(({ level }) => level).join(", ") || "none"}, but got “${unknown.level.slice(0, 40)}”.`,
      );
    if (panelEdges(draft) === 0) return fail("no-panels", "Expected seams between panels, but these pieces have none.");
    const moved = { ...draft, pieces: draft.pieces.map((piece) => (isPanel(piece) ? movedPanel(piece, at) : piece)) };
    return params.gap === "takes" ? gapTakes(draft, moved) : ok(moved);
  },
});

/** Edges of seams between panels, all round. */
export const panelEdges = ({ pieces }: Pick<Draft, "pieces">): number =>
  pieces.reduce((sum, piece) => sum + piece.edges.filter(isSeam).length * timesRound(piece), 0);

const isSeam = ({ role }: PieceEdge): boolean => role === "panel";
const isPanel = ({ edges }: Piece): boolean => edges.some(isSeam);

/** What the panels gained, the gap lost. */
function gapTakes(before: Draft, after: Draft): Result<Draft> {
  const [was, is] = [girthsOf(before).girths, girthsOf(after).girths];
  const gained = (level: string) =>
    (is.find((one) => one.level === level)?.piecesMm ?? 0) - (was.find((one) => one.level === level)?.piecesMm ?? 0);
  return ok({
    ...after,
    levels: after.levels.map((level) => ({ ...level, besideMm: (level.besideMm ?? 0) - gained(level.level) })),
  });
}

function movedPanel(piece: Piece, at: readonly LevelAmount[]): Piece {
  const outline = piece.edges.flatMap(({ lines }) => lines);
  const sideOf = (edge: PieceEdge) => (isRightOf(edge, outline) ? 1 : -1);
  const sides = new Set(piece.edges.filter(isSeam).map(sideOf));
  const out = (side: 1 | -1) => {
    const places = at.flatMap(({ level, perEdge }) => {
      const line = piece.levels.find((one) => one.level === level);
      return line ? [[(side === 1 ? line.to : line.from).y, perEdge] as const] : [];
    });
    return (y: number) => evenly(places, y);
  };
  const [byRight, byLeft] = [sides.has(1) ? out(1) : () => 0, sides.has(-1) ? out(-1) : () => 0];
  const along = (edge: PieceEdge): ((place: Point) => Point) => {
    if (isSeam(edge)) {
      const side = sideOf(edge);
      return ({ x, y }) => point(x + side * (side === 1 ? byRight(y) : byLeft(y)), y);
    }
    // A centre stays where it is.
    if (isCentre(edge)) return (place) => place;
    const [leftEnd, rightEnd] = endsOfLine(edge, piece.edges);
    return ({ x, y }) => {
      const part = (x - leftEnd.x) / (rightEnd.x - leftEnd.x);
      return point(x + part * byRight(rightEnd.y) - (1 - part) * byLeft(leftEnd.y), y);
    };
  };
  return {
    ...piece,
    edges: piece.edges.map((edge) => ({ ...edge, lines: edge.lines.map((line) => mapped(line, along(edge))) })),
    levels: piece.levels.map((line) => ({
      ...line,
      from: point(line.from.x - byLeft(line.from.y), line.from.y),
      to: point(line.to.x + byRight(line.to.y), line.to.y),
    })),
  };
}

/** An edge down a panel that is no seam to a neighbour, however it slants. */
const isCentre = ({ role }: PieceEdge): boolean => role === "centreFront" || role === "centreBack";

/**
 * Left and right end of the line an edge is of: above a cup the upper line is of several edges, which go with its ends as one, or the corner
 * between them would be drawn to two places.
 */
function endsOfLine(edge: PieceEdge, edges: readonly PieceEdge[]): readonly [Point, Point] {
  const at = edges.indexOf(edge);
  const goes = (step: 1 | -1): PieceEdge => {
    let last = edge;
    for (let away = 1; away < edges.length; away += 1) {
      const next = edges[(at + step * away + edges.length) % edges.length];
      if (!next || isSeam(next) || isCentre(next)) return last;
      last = next;
    }
    return last;
  };
  const [from, to] = [endsOf(goes(-1))[0], endsOf(goes(1))[1]];
  return from.x <= to.x ? [from, to] : [to, from];
}

const endsOf = ({ lines }: PieceEdge): readonly [Point, Point] => {
  const [first, last] = [lines[0], lines.at(-1)];
  return [first?.from ?? point(0, 0), last?.to ?? point(0, 0)];
};

/** True for the edge toward the centre back: a panel is drawn with its front to the left. */
function isRightOf(edge: PieceEdge, outline: readonly Edge[]): boolean {
  const xs = outline.flatMap(({ from, to }) => [from.x, to.x]);
  const [from, to] = endsOf(edge);
  return (from.x + to.x) / 2 > (Math.min(...xs) + Math.max(...xs)) / 2;
}

/** The amount at a height: going over evenly from level to level, without a corner at any. */
function evenly(places: readonly (readonly [number, number])[], y: number): number {
  const sorted = places.toSorted((a, b) => a[0] - b[0]);
  const below = sorted.find(([at]) => at >= y);
  const above = sorted.findLast(([at]) => at < y);
  if (!below) return above?.[1] ?? 0;
  if (!above) return below[1];
  const part = (y - above[0]) / (below[0] - above[0]);
  return above[1] + ((below[1] - above[1]) * (1 - Math.cos(Math.PI * part))) / 2;
}
