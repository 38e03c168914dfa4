import {
  curved,
  directionAt,
  distance,
  type Edge,
  lengthOfEdge,
  moved,
  offLine,
  type Point,
  parameterAt,
  placeAt,
  straight,
  times,
  way,
} from "../geometry/index.ts";

/** Where each place of a piece goes when its cloth is cut apart, spread or folded: smooth, and turning nothing over. */
export type Warp = (place: Point) => Point;

/** A moved curve is drawn anew in parts of this length, mm; the least and the most of them an edge has. */
const [PART_MM, LEAST_PARTS, MOST_PARTS] = [20, 2, 24];

/** The direction of a moved line is read over twice this length, mm. */
const NEAR_MM = 1e-3;

/** What is moved by less than this everywhere stays the very edge it was, mm; what is as straight as this is straight. */
const NOTHING_MM = 1e-6;

/** Edges with every place moved: through their moved places, in their moved directions there (cubic Hermite curves). */
export const warpedEdges = (lines: readonly Edge[], warp: Warp): Edge[] =>
  lines.flatMap((line) => warpedEdge(line, warp));

function warpedEdge(edge: Edge, warp: Warp): Edge[] {
  const whole = lengthOfEdge(edge);
  const parts = Math.min(MOST_PARTS, Math.max(LEAST_PARTS, Math.ceil(whole / PART_MM)));
  const stops = Array.from({ length: parts + 1 }, (_, at) => parameterAt(edge, (whole * at) / parts));
  const ends = stops.map((t) => endAt(edge, t, warp));
  if (ends.every(({ from, to }) => distance(from, to) < NOTHING_MM)) return [edge];
  const [first, last] = [ends[0], ends.at(-1)];
  if (edge.kind === "straight" && first && last && ends.every(({ to }) => offLine(first.to, last.to, to) < NOTHING_MM))
    return [straight(first.to, last.to)];
  const third = whole / parts / 3;
  return ends.slice(1).map((end, at) => {
    const start = ends[at] ?? end;
    return curved(start.to, moved(start.to, start.speed, third), moved(end.to, end.speed, -third), end.to);
  });
}

/** A place of an edge, where it goes, and how fast it goes along there, mm a mm of the old edge. */
function endAt(edge: Edge, t: number, warp: Warp) {
  const from = placeAt(edge, t);
  const direction = directionAt(edge, t);
  const to = warp(from);
  if (!direction) return { from, to, speed: { x: 0, y: 0 } };
  const [before, after] = [warp(moved(from, direction, -NEAR_MM)), warp(moved(from, direction, NEAR_MM))];
  return { from, to, speed: times(way(before, after), 1 / (2 * NEAR_MM)) };
}
