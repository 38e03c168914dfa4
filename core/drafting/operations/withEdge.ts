import { fail, ok, type Result } from "../../result.ts";
import {
  angleBetween,
  crossings,
  directionAt,
  distance,
  type Edge,
  lengthNearest,
  lengthOf,
  mapped,
  moved,
  offLine,
  placeAlong,
  placeAt,
  point,
  straight,
  turned,
  type Vector,
  way,
} from "../geometry/index.ts";
import type { LevelLine, Piece, PieceEdge } from "../piece/index.ts";

/** A piece with one edge drawn anew: its neighbours follow the ends, its levels end at it again. */
export function withEdge(piece: Piece, id: string, redraw: (lines: readonly Edge[]) => Result<Edge[]>): Result<Piece> {
  const found = edgeAt(piece, id);
  if (!found.ok) return found;
  const edge = found.value;
  const at = piece.edges.indexOf(edge);
  if (edge.finish === "fold")
    return fail(
      "on-the-fold",
      `Expected an edge that is no fold, but ${id} of ${piece.id} lies on one: change the girth beside it.`,
    );
  const drawn = redraw(edge.lines);
  if (!drawn.ok) return drawn;
  const lines = drawn.value;
  const [start, end] = [movedEnd(edge.lines[0], lines[0], "start"), movedEnd(edge.lines.at(-1), lines.at(-1), "end")];
  const count = piece.edges.length;
  const [before, after] = [(at + count - 1) % count, (at + 1) % count];
  const neighbours = [
    { index: before, move: start, which: "end" },
    { index: after, move: end, which: "start" },
  ] as const;
  const edges = piece.edges.map((one, index): PieceEdge => (index === at ? { ...one, lines } : one));
  for (const { index, move, which } of neighbours) {
    const neighbour = edges[index];
    const stays = lengthOf(move.by) <= MEETS_MM;
    if (!neighbour || (stays && move.turn === 0)) continue;
    if (neighbour.finish === "fold" && (stays || alongFold(neighbour, move.by))) {
      edges[index] = { ...neighbour, lines: withEnd(neighbour.lines, which, { ...move, turn: 0 }) };
      continue;
    }
    if (neighbour.finish === "fold")
      return fail(
        "off-the-fold",
        `Expected the end of ${id} at the fold of ${piece.id} to stay on it: end the blend before it.`,
      );
    edges[index] = { ...neighbour, lines: withEnd(neighbour.lines, which, move) };
  }
  return ok({ ...piece, edges, levels: piece.levels.flatMap((line) => endedAt(line, edge.lines, lines)) });
}

/** An edge of a piece by its name. @returns it, or `unknown-edge`. */
export function edgeAt(piece: Piece, id: string): Result<PieceEdge> {
  const edge = piece.edges.find((one) => one.id === id);
  return edge
    ? ok(edge)
    : fail(
        "unknown-edge",
        `Expected an edge of ${piece.id}: ${piece.edges.map((one) => one.id).join(", ")}, but got “${id}”.`,
      );
}

/** Ends closer than this meet, mm. */
const MEETS_MM = 1e-6;

/** True where a way goes along a fold: an end at it moves, and stays on it. */
function alongFold({ lines }: PieceEdge, by: Vector): boolean {
  const [from, to] = [lines[0]?.from, lines.at(-1)?.to];
  return from !== undefined && to !== undefined && offLine(from, to, moved(from, by)) < ON_FOLD_MM;
}

/** An end is on the fold to this, mm. */
const ON_FOLD_MM = 1e-3;

/** How an end of an edge was moved, and by how much its direction turned there, radians. */
interface EndMove {
  readonly by: Vector;
  readonly turn: number;
}

function movedEnd(old: Edge | undefined, now: Edge | undefined, which: "start" | "end"): EndMove {
  const t = which === "start" ? 0 : 1;
  const [from, to] = [old && placeAt(old, t), now && placeAt(now, t)];
  const [before, after] = [old && directionAt(old, t), now && directionAt(now, t)];
  return {
    by: from && to ? way(from, to) : point(0, 0),
    turn: before && after ? angleBetween(before, after) : 0,
  };
}

/** An edge whose end is moved, as that of a neighbour; it turns with the edge it meets, so that their corner stays what it was. */
export function withEnd(lines: readonly Edge[], which: "start" | "end", { by, turn }: EndMove): Edge[] {
  const index = which === "start" ? 0 : lines.length - 1;
  return lines.map((line, at) => {
    if (at !== index) return line;
    const end = which === "start" ? line.from : line.to;
    const handle = line.kind === "curved" ? (which === "start" ? line.leave : line.arrive) : null;
    return mapped(line, (place) => {
      if (place === end) return moved(end, by);
      return place === handle ? moved(moved(end, by), turned(way(end, handle), turn)) : place;
    });
  });
}

/** A level line reaches this many times its length for an edge that was let out. */
const REACH = 2;

/** A level that ended at an edge ends at it again, where it now lies; one that no longer meets it is cut off. */
function endedAt(line: LevelLine, old: readonly Edge[], lines: readonly Edge[]): LevelLine[] {
  // A level at the very end of the edge goes where that end went.
  const [first, last] = [old[0]?.from, old.at(-1)?.to];
  const [start, end] = [lines[0]?.from, lines.at(-1)?.to];
  if (first && start && distance(line.to, first) < ON_EDGE_MM) return [{ ...line, to: start }];
  if (last && end && distance(line.to, last) < ON_EDGE_MM) return [{ ...line, to: end }];
  const before = placeAlong(old, lengthNearest(old, line.to));
  if (!before || distance(before, line.to) > ON_EDGE_MM) return [line];
  const far = moved(line.from, way(line.from, line.to), REACH);
  const met = lines.flatMap((edge) => [
    ...crossings(straight(line.from, far), edge).map(({ at }) => at),
    // Where two parts of the edge meet on the level, a crossing may be found on neither.
    ...(offLine(line.from, far, edge.to) < ON_EDGE_MM ? [edge.to] : []),
  ]);
  const [nearest] = met.toSorted((one, other) => distance(one, line.to) - distance(other, line.to));
  return nearest ? [{ ...line, to: nearest }] : [];
}

/** A level ends on an edge to this, mm: as near as crossings of curves are found. */
const ON_EDGE_MM = 0.1;
