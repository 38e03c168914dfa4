import {
  backward,
  type Crossing,
  cross,
  crossings,
  directionAt,
  distance,
  type Edge,
  moved,
  offsetOf,
  type Point,
  partOf,
  straight,
  unit,
  type Vector,
  way,
} from "../geometry/index.ts";
import type { Piece } from "./piece.ts";

/** A mitred corner reaches no further from its seam corner than this many times the larger allowance: then it is cut off. */
const LONGEST_MITRE = 3;

/** Ends closer than this meet, mm. */
const MEETS_MM = 1e-3;

/**
 * The line a piece is cut along: each edge moved outward by its own allowance, corners mitred, those that turn inward
 * crossed. An edge of no allowance is its own seam line.
 */
export function cutLine({ edges }: Pick<Piece, "edges">): Edge[] {
  const sides = edges.map(({ lines, allowanceMm, finish }) => ({
    finish,
    // Left of the way along is outward; offsets are counted to the right.
    lines: inOneRun(lines.flatMap((line) => offsetOf(line, -allowanceMm))),
    allowanceMm,
  }));
  const kept = sides.filter(({ lines }) => lines.length > 0);
  const trimmed = kept.map(({ lines }, at) => {
    const [before, after] = [kept.at(at - 1), kept[(at + 1) % kept.length]];
    const run = before?.finish === "fold" ? fromFold(lines, before.lines) : [...lines];
    return after?.finish === "fold" ? toFold(run, after.lines) : run;
  });
  const corners: Edge[][] = [];
  for (const [at, side] of kept.entries()) {
    const next = (at + 1) % kept.length;
    const other = kept[next];
    const [mine, theirs] = [trimmed[at], trimmed[next]];
    if (!other || !mine || !theirs) continue;
    const most = LONGEST_MITRE * Math.max(Math.abs(side.allowanceMm), Math.abs(other.allowanceMm));
    corners[at] = joined(mine, theirs, most);
  }
  const all = trimmed.flatMap((lines, at) => [...lines, ...(corners[at] ?? [])]);
  return closedUp(all.filter((line) => distance(line.from, line.to) > MEETS_MM));
}

/** Lines that part by no more than what was too short to be drawn meet: a gap, however small, would be written as two outlines. */
const closedUp = (lines: readonly Edge[]): Edge[] =>
  lines.map((line, at) => {
    const before = lines.at(at - 1);
    return before && distance(before.to, line.from) <= 2 * MEETS_MM ? { ...line, from: before.to } : line;
  });

/** A fold is led on by so much at either end to find what passes it, mm. */
const BEYOND_MM = 1000;

/** The line of a fold, led on at both ends; null where the fold has no length. */
function lineOfFold(fold: readonly Edge[]): Edge | null {
  const [from, to] = [fold[0]?.from, fold.at(-1)?.to];
  const along = from && to ? unit(way(from, to)) : null;
  return from && to && along ? straight(moved(from, along, -BEYOND_MM), moved(to, along, BEYOND_MM)) : null;
}

/** What of a line beside an edge lies this side of the fold it begins at: beside a narrow bend it first goes past it. */
function fromFold(lines: readonly Edge[], fold: readonly Edge[]): Edge[] {
  const line = lineOfFold(fold);
  for (let at = lines.length - 1; line && at >= 0; at -= 1) {
    const edge = lines[at];
    const met = edge && crossings(edge, line).at(-1);
    if (edge && met) return [partOf(edge, met.onFirst, 1), ...lines.slice(at + 1)];
  }
  return [...lines];
}

/** The same for a line that ends at a fold. */
const toFold = (lines: readonly Edge[], fold: readonly Edge[]): Edge[] => backward(fromFold(backward(lines), fold));

/** Lines beside one edge whose parts meet at the least of corners lie apart by less than this, mm: they are brought together. */
const APART_MM = 0.2;

/** Lines beside the parts of one edge as one run: small gaps closed, larger ones bridged. */
function inOneRun(lines: readonly Edge[]): Edge[] {
  const run: Edge[] = [];
  for (const line of lines) {
    const last = run.at(-1);
    const gapMm = last ? distance(last.to, line.from) : 0;
    if (last && gapMm > APART_MM) run.push(straight(last.to, line.from));
    run.push(last && gapMm <= APART_MM ? { ...line, from: last.to } : line);
  }
  return run;
}

/** Brings the end of one run of edges to the start of the next: cut off where they cross, led on where they part. */
function joined(mine: Edge[], theirs: Edge[], most: number): Edge[] {
  const [last, first] = [mine.at(-1), theirs[0]];
  if (!last || !first || distance(last.to, first.from) <= MEETS_MM) return [];
  const corner = meeting(last, first);
  if (corner) {
    const short = distance(corner, last.to) <= most && distance(corner, first.from) <= most;
    return short ? [straight(last.to, corner), straight(corner, first.from)] : [straight(last.to, first.from)];
  }
  const [met] = last === first ? [] : crossings(last, first).toReversed();
  if (!met) return [straight(last.to, first.from)];
  cutOff(mine, theirs, met);
  return [];
}

function cutOff(mine: Edge[], theirs: Edge[], { onFirst, onSecond }: Crossing): void {
  const [last, first] = [mine.at(-1), theirs[0]];
  if (!last || !first) return;
  mine[mine.length - 1] = partOf(last, 0, onFirst);
  theirs[0] = partOf(first, onSecond, 1);
}

/** Where two edges would meet if each went straight on; null where they never do, or only behind them. */
function meeting(last: Edge, first: Edge): Point | null {
  const [on, back] = [directionAt(last, 1), directionAt(first, 0)];
  if (!on || !back) return null;
  const [ahead, behind] = [reach(last.to, on, first.from, back), reach(first.from, back, last.to, on)];
  return ahead !== null && behind !== null && ahead >= 0 && behind <= 0 ? moved(last.to, on, ahead) : null;
}

/** How far along one line another is met, mm; null for lines side by side. */
function reach(from: Point, along: Vector, other: Point, otherAlong: Vector): number | null {
  const across = cross(along, otherAlong);
  return Math.abs(across) < 1e-9 ? null : cross(way(from, other), otherAlong) / across;
}
