import { Type } from "typebox";
import { fail, ok, type Result } from "../../result.ts";
import type { Draft } from "../draft.ts";
import {
  crossings,
  distance,
  type Edge,
  mapped,
  moved,
  type Point,
  point,
  straight,
  type Vector,
  way,
} from "../geometry/index.ts";
import type { LevelLine, Piece, PieceEdge } from "../piece/index.ts";
import { letOutAlong } from "./letOut.ts";
import { operation } from "./operation.ts";

/** Longest amount and length of a change, mm: more is another garment. */
const [MOST_MM, LONGEST_MM] = [300, 10_000];

const along = () => Type.Number({ minimum: 0, maximum: LONGEST_MM });

/** `letOut`: an edge of a piece taken in or let out between two marks, run to nothing beyond them. Its linked pieces follow. */
export const letOutEdge = operation({
  id: "letOut",
  name: "Take in or let out",
  about: "Moves an edge between two marks, above 0 outward, and runs out to nothing beyond them; linked pieces follow.",
  params: Type.Object(
    {
      piece: Type.String({ maxLength: 60 }),
      edge: Type.String({ maxLength: 60 }),
      amount: Type.Number({ minimum: -MOST_MM, maximum: MOST_MM }),
      fullFrom: along(),
      fullTo: along(),
      blendBefore: along(),
      blendAfter: along(),
    },
    { additionalProperties: false },
  ),
  apply(draft, { piece: id, edge, amount, fullFrom, fullTo, blendBefore, blendAfter }) {
    const blend = {
      amountMm: amount,
      fullFromMm: fullFrom,
      fullToMm: fullTo,
      beforeMm: blendBefore,
      afterMm: blendAfter,
    };
    const named = draft.pieces.find((piece) => piece.id === id);
    if (!named)
      return fail(
        "unknown-piece",
        `Expected a piece of ${draft.pieces.map((piece) => piece.id).join(", ")}, but got “${id}”.`,
      );
    const changed = new Map<string, Piece>();
    for (const each of [id, ...named.links]) {
      const piece = draft.pieces.find((one) => one.id === each);
      if (!piece) continue;
      const redrawn = withEdge(piece, edge, (lines) => letOutAlong(lines, blend));
      if (!redrawn.ok) return redrawn;
      changed.set(each, redrawn.value);
    }
    return ok({ ...draft, pieces: draft.pieces.map((piece) => changed.get(piece.id) ?? piece) } satisfies Draft);
  },
});

/** A piece with one edge drawn anew: its neighbours follow the ends, its levels end at it again. */
function withEdge(piece: Piece, id: string, redraw: (lines: readonly Edge[]) => Result<Edge[]>): Result<Piece> {
  const at = piece.edges.findIndex((edge) => edge.id === id);
  const edge = piece.edges[at];
  if (!edge)
    return fail(
      "unknown-edge",
      `Expected an edge of ${piece.id}: ${piece.edges.map((one) => one.id).join(", ")}, but got “${id}”.`,
    );
  if (edge.finish === "fold")
    return fail(
      "on-the-fold",
      `Expected an edge that is no fold, but ${id} of ${piece.id} lies on one: change the girth beside it.`,
    );
  const drawn = redraw(edge.lines);
  if (!drawn.ok) return drawn;
  const lines = drawn.value;
  const [start, end] = [moveOf(edge.lines[0]?.from, lines[0]?.from), moveOf(edge.lines.at(-1)?.to, lines.at(-1)?.to)];
  const count = piece.edges.length;
  const [before, after] = [(at + count - 1) % count, (at + 1) % count];
  const neighbours = [
    { index: before, by: start, which: "end" },
    { index: after, by: end, which: "start" },
  ] as const;
  const edges = piece.edges.map((one, index): PieceEdge => (index === at ? { ...one, lines } : one));
  for (const { index, by, which } of neighbours) {
    const neighbour = edges[index];
    if (!neighbour || distance(by, point(0, 0)) <= MEETS_MM) continue;
    if (neighbour.finish === "fold")
      return fail(
        "off-the-fold",
        `Expected the end of ${id} at the fold of ${piece.id} to stay on it: end the blend before it.`,
      );
    edges[index] = { ...neighbour, lines: withEnd(neighbour.lines, which, by) };
  }
  return ok({ ...piece, edges, levels: piece.levels.flatMap((line) => endedAt(line, edge.lines, lines)) });
}

/** Ends closer than this meet, mm. */
const MEETS_MM = 1e-6;

const moveOf = (from: Point | undefined, to: Point | undefined): Vector => (from && to ? way(from, to) : point(0, 0));

/** A neighbour whose end is moved, its direction there kept. */
function withEnd(lines: readonly Edge[], which: "start" | "end", by: Vector): Edge[] {
  const index = which === "start" ? 0 : lines.length - 1;
  return lines.map((line, at) => {
    if (at !== index) return line;
    const near =
      which === "start"
        ? [line.from, line.kind === "curved" ? line.leave : null]
        : [line.to, line.kind === "curved" ? line.arrive : null];
    return mapped(line, (place) => (near.includes(place) ? moved(place, by) : place));
  });
}

/** A level line reaches this many times its length for an edge that was let out. */
const REACH = 2;

/** A level that ended at an edge ends at it again, where it now lies; one that no longer meets it is cut off. */
function endedAt(line: LevelLine, old: readonly Edge[], lines: readonly Edge[]): LevelLine[] {
  const met = (edges: readonly Edge[], to: Point) => edges.flatMap((edge) => crossings(straight(line.from, to), edge));
  const far = moved(line.from, way(line.from, line.to), REACH);
  const ended = met(old, far).some(({ at }) => distance(at, line.to) < ON_EDGE_MM);
  if (!ended) return [line];
  const [first] = met(lines, far).toSorted((a, b) => distance(a.at, line.to) - distance(b.at, line.to));
  return first ? [{ ...line, to: first.at }] : [];
}

/** A level ends on an edge to this, mm: as near as crossings of curves are found. */
const ON_EDGE_MM = 0.1;
