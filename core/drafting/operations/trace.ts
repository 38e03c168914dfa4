import { type Static, Type } from "typebox";
import { fail, ok, type Result } from "../../result.ts";
import {
  areaWithin,
  backward,
  cross,
  distance,
  type Edge,
  lengthOfEdges,
  type Point,
  partAlong,
  placeAlong,
  point,
  smoothThrough,
  standingAlong,
  unit,
  way,
} from "../geometry/index.ts";
import { operation } from "./operation.ts";
import { name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { withEdge } from "./withEdge.ts";

/** Places of a bent ruler that was laid to a body, read off a straight line between its ends: how far along it, and how far the curve lies off it, mm. */
const TRACED = Type.Array(
  Type.Object(
    {
      along: Type.Number({ minimum: 0, maximum: 3000 }),
      off: Type.Number({ minimum: -1000, maximum: 1000 }),
    },
    { additionalProperties: false },
  ),
  { minItems: 3, maxItems: 100 },
);

/** A traced curve: places in order, the first and the last on the straight line between them. */
export type Traced = Static<typeof TRACED>;

/** A curve may be shorter or longer from end to end than the edge by this part of it: a ruler slips, a body is no plan. */
const SLIP = 0.15;

/** `trace`: an edge brought toward a curve that was traced on the body. */
export const trace = operation({
  id: "trace",
  name: "Lay a traced curve over an edge",
  about:
    "Brings an edge a share of the way toward a curve traced on the body, laid over it from end to end; its ends and how it meets its neighbours stay.",
  params: Type.Object(
    { piece: name(), edge: name(), points: TRACED, share: Type.Number({ minimum: 0, maximum: 1 }) },
    { additionalProperties: false },
  ),
  apply: (draft, { piece: id, edge, points, share }) =>
    changedAlike(draft, id, (piece) =>
      withEdge(piece, edge, (lines) => {
        const laid = laidOver(lines, points);
        return laid.ok ? ok(broughtTo(lines, laid.value, share)) : laid;
      }),
    ),
});

/**
 * A traced curve laid over an edge: its ends on the edge's, what lies off its line to the right of the way along it (inside a piece) where above 0.
 * @returns it; `curve-unordered` where its places go back, or `curve-does-not-fit` where it is another length from end to end.
 */
export function laidOver(lines: readonly Edge[], points: Traced): Result<Edge[]> {
  const [from, to] = [lines[0]?.from, lines.at(-1)?.to];
  const [first, last] = [points[0], points.at(-1)];
  const toward = from && to ? unit(way(from, to)) : null;
  if (!from || !to || !toward || !first || !last)
    return fail("edge-without-ends", "Expected an edge that goes from one place to another, but its ends meet.");
  const back = points.findIndex(({ along }, at) => at > 0 && along <= (points[at - 1]?.along ?? 0));
  if (back !== -1)
    return fail(
      "curve-unordered",
      `Expected each place of the curve further along than the one before, but place ${back + 1} is at ${points[back]?.along} mm.`,
    );
  const [whole, chord] = [last.along - first.along, distance(from, to)];
  if (Math.abs(whole / chord - 1) > SLIP)
    return fail(
      "curve-does-not-fit",
      `Expected a curve of about ${chord.toFixed(0)} mm from end to end, as the edge is, but it is ${whole.toFixed(0)} mm: is it of another edge?`,
    );
  const scale = chord / whole;
  const places = points.map(({ along, off }): Point => {
    const [a, o] = [
      (along - first.along) * scale,
      off - first.off + ((first.off - last.off) * (along - first.along)) / whole,
    ];
    return point(from.x + toward.x * a - toward.y * o, from.y + toward.y * a + toward.x * o);
  });
  return ok(smoothThrough(places));
}

/** The area between an edge and a curve over it, mm²: above 0 where the curve lies further out. */
export const areaBetween = (lines: readonly Edge[], curve: readonly Edge[]): number =>
  areaWithin([...curve, ...backward(lines)]);

/** How an edge and a curve over it lie apart at places evenly along both, mm, above 0 where the curve lies further out. */
export function stationsOf(
  lines: readonly Edge[],
  curve: readonly Edge[],
  count: number,
): { readonly alongMm: number; readonly offMm: number }[] {
  const [whole, other] = [lengthOfEdges(lines), lengthOfEdges(curve)];
  return Array.from({ length: count }, (_, at) => {
    const part = (at + 1) / (count + 1);
    const [here, there] = [standingAlong(lines, part * whole), placeAlong(curve, part * other)];
    // Left of the way along an edge is outside of its piece.
    return { alongMm: part * whole, offMm: here && there ? cross(way(here.at, there), here.along) : 0 };
  });
}

/** Places an edge is drawn anew through. */
const PLACES = 28;

/** So much at either end stays as it was, and over so much more the change comes in, mm: no more than a quarter of the edge in all. */
const [KEPT_MM, COMING_MM] = [4, 24] as const;

function broughtTo(lines: readonly Edge[], curve: readonly Edge[], share: number): Edge[] {
  const [whole, other] = [lengthOfEdges(lines), lengthOfEdges(curve)];
  const kept = Math.min(KEPT_MM, whole / 16);
  const coming = Math.min(COMING_MM, whole / 5);
  const places = Array.from({ length: PLACES + 1 }, (_, at) => {
    const mm = kept + ((whole - 2 * kept) * at) / PLACES;
    const [here, there] = [placeAlong(lines, mm), placeAlong(curve, (mm / whole) * other)];
    const fromEnd = Math.min(1, Math.max(0, (Math.min(mm, whole - mm) - kept) / coming));
    const by = (share * (1 - Math.cos(Math.PI * fromEnd))) / 2;
    return here && there ? point(here.x + (there.x - here.x) * by, here.y + (there.y - here.y) * by) : point(0, 0);
  });
  return [...partAlong(lines, 0, kept), ...smoothThrough(places), ...partAlong(lines, whole - kept, whole)];
}
