import type { Point } from "../drafting/index.ts";

/** A shape in bands across the roll, each with what of it lies there along the roll, as pairs of from and to, mm, from its own start. */
export interface Mask {
  readonly bands: readonly Float64Array[];
  readonly lengthMm: number;
}

/**
 * What of a shape lies in each band of a width, with room about it. In a band it is all that it covers anywhere in it: shapes whose
 * bands are apart are apart themselves, by at least the room.
 *
 * @param outline its least x and y are 0.
 */
export function maskOf(outline: readonly Point[], bandMm: number, roomMm: number): Mask {
  const [half, high] = [roomMm / 2, Math.max(...outline.map(({ y }) => y))];
  const bands: Float64Array[] = [];
  const count = Math.max(1, Math.ceil((high + roomMm) / bandMm - 1e-9));
  for (let at = 0; at < count; at += 1) {
    // A band lies from so far to so far, half the room lower than it is counted, and sees what comes within half the room of it.
    const from = at * bandMm - roomMm;
    bands.push(covered(outline, from, from + bandMm + roomMm, half));
  }
  return { bands, lengthMm: Math.max(...outline.map(({ x }) => x)) + roomMm };
}

/** What of an outline lies between two heights, along the roll, each widened by half the room on both sides. */
function covered(outline: readonly Point[], low: number, high: number, half: number): Float64Array {
  const spans: [number, number][] = [...section(outline, low), ...section(outline, high)];
  for (const [at, to] of outline.entries()) {
    const from = outline.at(at - 1) as Point;
    const span = between(from, to, low, high);
    if (span) spans.push(span);
  }
  spans.sort(([a], [b]) => a - b);
  const merged: number[] = [];
  for (const [from, to] of spans) {
    const last = merged.length - 1;
    // Counted from half the room before its start.
    if (last > 0 && from <= (merged[last] as number)) merged[last] = Math.max(merged[last] as number, to + 2 * half);
    else merged.push(from, to + 2 * half);
  }
  return Float64Array.from(merged);
}

/** Where a level line runs inside an outline. */
function section(outline: readonly Point[], level: number): [number, number][] {
  const met: number[] = [];
  for (const [at, to] of outline.entries()) {
    const from = outline.at(at - 1) as Point;
    if (from.y > level !== to.y > level) met.push(from.x + ((level - from.y) / (to.y - from.y)) * (to.x - from.x));
  }
  met.sort((a, b) => a - b);
  return Array.from({ length: met.length >> 1 }, (_, at) => [met[2 * at] as number, met[2 * at + 1] as number]);
}

/** How far along a line goes between two heights; null where it does not come there. */
function between(from: Point, to: Point, low: number, high: number): [number, number] | null {
  const [a, b] = from.y <= to.y ? [from, to] : [to, from];
  if (b.y < low || a.y > high) return null;
  const at = (level: number) => a.x + ((level - a.y) / (b.y - a.y)) * (b.x - a.x);
  const first = a.y >= low ? a.x : at(low);
  const last = b.y <= high ? b.x : at(high);
  return first <= last ? [first, last] : [last, first];
}
