import { fail, ok, type Result } from "../../result.ts";
import {
  curvatureAt,
  curved,
  directionAt,
  distance,
  type Edge,
  lengthOfEdge,
  moved,
  type Point,
  parameterAt,
  partOf,
  placeAt,
  square,
  straight,
  times,
} from "../geometry/index.ts";
import { type Blend, offsetAt, slopeAt } from "./blend.ts";

/** Each part of a blend is drawn by this many curves: more would not be seen at a tenth of a thread. */
const CURVES = 4;

/** A part as short as this is one curve, mm: an edge that is changed again and again does not fall into crumbs. */
const CRUMB_MM = 12;

/** Parts that lie further apart are joined by a step, mm: closer is the rounding of lengths. */
const STEP_MM = 1e-3;

/** A mark may lie off an edge by rounding, mm. */
const ROUNDED_MM = 1e-6;

/**
 * Takes an edge in or lets it out between two marks, running to nothing beyond them; the ends stay where they are unless
 * the blend reaches them. Above 0 it moves to the left of the way along: outward on a piece gone round clockwise.
 *
 * @returns edges one after the other, untouched where nothing is moved; or `marks-outside` where the full part lies off the
 *   edge, `blend-negative` for a blend or a full part of less than nothing, and `turns-over` where the edge is taken in
 *   by more than its bend has room for.
 */
export const letOut = (edge: Edge, blend: Blend): Result<Edge[]> => letOutAlong([edge], blend);

/** The same along edges one after the other, which follow one another without a corner. */
export function letOutAlong(lines: readonly Edge[], blend: Blend): Result<Edge[]> {
  const [whole, { fullFromMm, fullToMm }] = [startsOf(lines).at(-1) ?? 0, blend];
  if (fullFromMm < -ROUNDED_MM || fullToMm > whole + ROUNDED_MM)
    return fail(
      "marks-outside",
      `Expected both marks on the edge, 0 to ${whole.toFixed(1)} mm along it, but they are at ${fullFromMm.toFixed(1)} and ${fullToMm.toFixed(1)} mm.`,
    );
  return letOutReaching(lines, blend);
}

/** The same where the full part may lie past an end: what of its blend reaches the edge moves it. */
export function letOutReaching(lines: readonly Edge[], blend: Blend): Result<Edge[]> {
  const starts = startsOf(lines);
  const { amountMm, fullFromMm, fullToMm, beforeMm, afterMm } = blend;
  if (beforeMm < 0 || afterMm < 0 || fullToMm < fullFromMm)
    return fail("blend-negative", "Expected a blend of 0 or more and a second mark after the first.");
  if (amountMm === 0) return ok([...lines]);
  const edges: Edge[] = [];
  for (const [at, line] of lines.entries()) {
    const start = starts[at] ?? 0;
    const here = { ...blend, fullFromMm: fullFromMm - start, fullToMm: fullToMm - start };
    for (const [from, to] of partsOf(here, (starts[at + 1] ?? start) - start)) {
      const part =
        offsetAt(here, (from + to) / 2) === 0
          ? partOf(line, parameterAt(line, from), parameterAt(line, to))
          : moving(line, here, from, to);
      if (part === null)
        return fail(
          "turns-over",
          `Expected an edge with room for ${Math.abs(amountMm).toFixed(1)} mm there, but it bends too much.`,
        );
      const last = edges.at(-1);
      // A blend of nothing ends at once: the edge steps.
      const steps = last !== undefined && distance(last.to, part.from) > STEP_MM;
      if (steps) edges.push(straight(last.to, part.from));
      edges.push(last && !steps ? begunAt(part, last.to) : part);
    }
  }
  return ok(edges);
}

/** An edge that begins exactly where the last ended: what lengths leave open is closed. */
const begunAt = (edge: Edge, from: Point): Edge => ({ ...edge, from });

/** How far along all of them each edge begins, and at last where they end, mm. */
const startsOf = (lines: readonly Edge[]): number[] => {
  const starts = [0];
  for (const line of lines) starts.push((starts.at(-1) ?? 0) + lengthOfEdge(line));
  return starts;
};

/** The parts an edge is drawn in, from and to, mm: what stays as it is whole, what moves in several curves. */
function partsOf(blend: Blend, whole: number): (readonly [from: number, to: number])[] {
  const { fullFromMm, fullToMm, beforeMm, afterMm } = blend;
  const marks = [fullFromMm - beforeMm, fullFromMm, fullToMm, fullToMm + afterMm];
  const stops = [0, ...marks.map((mm) => Math.min(whole, Math.max(0, mm))), whole];
  return stops.slice(1).flatMap((to, at) => {
    const from = stops[at] ?? 0;
    if (to - from <= ROUNDED_MM) return [];
    const moves = offsetAt(blend, (from + to) / 2) !== 0;
    const curves = moves ? Math.min(CURVES, Math.ceil((to - from) / CRUMB_MM)) : 1;
    const step = (to - from) / curves;
    return Array.from({ length: curves }, (_, curve) => [from + step * curve, from + step * (curve + 1)] as const);
  });
}

/** Part of the moved edge as one curve: through its two ends, in its own directions there (a cubic Hermite curve). */
function moving(edge: Edge, blend: Blend, from: number, to: number): Edge | null {
  const inner = (mm: number, toward: 1 | -1) => {
    const t = parameterAt(edge, mm);
    const direction = directionAt(edge, t);
    if (!direction) return null;
    // The offset just inside the part: at a mark without a blend it jumps.
    const [by, slope] = [offsetAt(blend, mm + toward * ROUNDED_MM), slopeAt(blend, mm + toward * ROUNDED_MM)];
    const outward = times(square(direction), -1);
    // With the length along the edge: P = C + o·n, so P′ = (1 + o·κ)·T + o′·n, n being to the left.
    const along = 1 + by * curvatureAt(edge, t);
    if (along <= 0) return null;
    return {
      at: moved(placeAt(edge, t), outward, by),
      speed: moved(times(direction, along), outward, slope),
    };
  };
  const [start, end] = [inner(from, 1), inner(to, -1)];
  if (!start || !end) return null;
  const third = (to - from) / 3;
  return curved(start.at, moved(start.at, start.speed, third), moved(end.at, end.speed, -third), end.at);
}
