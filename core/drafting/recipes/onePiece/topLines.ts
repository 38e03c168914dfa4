import { type Edge, type Point, point, smoothCurve, straight } from "../../geometry/index.ts";

/** How the line of a neckline or a back runs from the centre to the strap. */
export type TopLine = "scoop" | "straight" | "v" | "plunge-fuller" | "plunge-plainer";

/** How far a line follows the level at the centre, and the upright at the strap, as a part of its way. */
const FOLLOWS: Readonly<Record<Exclude<TopLine, "straight">, { readonly leaving: number; readonly arriving: number }>> =
  {
    scoop: { leaving: 0.5, arriving: 0.5 },
    // As good as a point, and yet square to the fold.
    v: { leaving: 0.06, arriving: 0.3 },
    "plunge-fuller": { leaving: 0.14, arriving: 0.3 },
    "plunge-plainer": { leaving: 0.3, arriving: 0.55 },
  };

/** Radius of the corner of a straight line, as a part of the shorter of its two ways. */
const ROUND = 0.45;

/** From level to upright in a quarter of a circle a cubic's handles are so long a part of its chord. */
const QUARTER = { leaving: 0.39, arriving: 0.39 };

const [ACROSS, UP] = [point(1, 0), point(0, -1)];

/** The line from the centre, level there, up to the inside of the strap, upright there: it goes on over both. */
export function topLine(line: TopLine, centre: Point, strap: Point): Edge[] {
  if (line !== "straight")
    return [smoothCurve({ at: centre, toward: ACROSS }, { at: strap, toward: UP }, FOLLOWS[line])];
  const round = ROUND * Math.min(strap.x - centre.x, centre.y - strap.y);
  const [before, after] = [point(strap.x - round, centre.y), point(strap.x, centre.y - round)];
  return [
    straight(centre, before),
    smoothCurve({ at: before, toward: ACROSS }, { at: after, toward: UP }, QUARTER),
    straight(after, strap),
  ];
}
