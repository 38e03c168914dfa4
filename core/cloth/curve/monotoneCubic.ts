/** A point of a curve: where, how much. */
export type CurvePoint = readonly [x: number, y: number];

/** A piecewise cubic through its points, with the slope at each. */
export interface MonotoneCubic {
  readonly points: readonly CurvePoint[];
  readonly slopes: readonly number[];
}

/**
 * A cubic through points with rising x that never swings beyond them: where the points rise the curve rises, where
 * they are level it is level. Inner slopes are Fritsch and Butland's weighted harmonic means of the slopes on both
 * sides, end slopes the three-point formula held to the side of the first chord.
 *
 * Written here since no package of the registry gives these very numbers: the usual monotone splines choose other
 * slopes.
 *
 * @param points two or more, x strictly rising.
 * @throws RangeError for fewer points or an x that does not rise: the caller sorts and merges first.
 * @source Fritsch and Butland, A method for constructing local monotone piecewise cubic interpolants, SIAM J. Sci.
 *   Stat. Comput. 5 (1984); end slopes after Moler, Numerical Computing with MATLAB, section 3.6.
 */
export function monotoneCubic(points: readonly CurvePoint[]): MonotoneCubic {
  const chords = points.slice(1).map(([x, y], index) => {
    const [fromX, fromY] = points[index] as CurvePoint;
    if (!(x > fromX)) throw new RangeError("A cubic needs points whose x rises.");
    return { width: x - fromX, slope: (y - fromY) / (x - fromX) };
  });
  if (chords.length === 0) throw new RangeError("A cubic needs two points.");
  return { points, slopes: slopesOf(chords) };
}

interface Chord {
  readonly width: number;
  readonly slope: number;
}

function slopesOf(chords: readonly Chord[]): number[] {
  const [first, second] = chords;
  const last = chords.at(-1) as Chord;
  if (!first || !second) return [last.slope, last.slope];
  const inner = chords.slice(1).map((right, index) => innerSlope(chords[index] as Chord, right));
  return [endSlope(first, second), ...inner, endSlope(last, chords.at(-2) as Chord)];
}

function innerSlope(left: Chord, right: Chord): number {
  if (left.slope * right.slope <= 0) return 0;
  const leftWeight = 2 * right.width + left.width;
  const rightWeight = right.width + 2 * left.width;
  return (leftWeight + rightWeight) / (leftWeight / left.slope + rightWeight / right.slope);
}

/** One-sided three-point slope at the outer end of `outer`, held to the shape of the points. */
function endSlope(outer: Chord, next: Chord): number {
  const slope = ((2 * outer.width + next.width) * outer.slope - outer.width * next.slope) / (outer.width + next.width);
  if (slope * outer.slope <= 0) return 0;
  if (outer.slope * next.slope <= 0 && Math.abs(slope) > 3 * Math.abs(outer.slope)) return 3 * outer.slope;
  return slope;
}

/** Value at an x inside the points' range; outside, the end piece is continued. */
export const cubicAt = (curve: MonotoneCubic, x: number): number => valueOnPiece(curve, pieceAt(curve.points, x), x);

/** Slope at an x inside the points' range. */
export function cubicSlopeAt({ points, slopes }: MonotoneCubic, x: number): number {
  const piece = pieceAt(points, x);
  const [fromX, fromY] = points[piece] as CurvePoint;
  const [toX, toY] = points[piece + 1] as CurvePoint;
  const width = toX - fromX;
  const t = (x - fromX) / width;
  return (
    (6 * t * (1 - t) * (toY - fromY)) / width +
    (slopes[piece] as number) * (1 - t) * (1 - 3 * t) +
    (slopes[piece + 1] as number) * t * (3 * t - 2)
  );
}

function valueOnPiece({ points, slopes }: MonotoneCubic, piece: number, x: number): number {
  const [fromX, fromY] = points[piece] as CurvePoint;
  const [toX, toY] = points[piece + 1] as CurvePoint;
  const width = toX - fromX;
  const t = (x - fromX) / width;
  const back = t - 1;
  return (
    fromY * (1 + 2 * t) * back * back +
    (slopes[piece] as number) * width * t * back * back +
    toY * t * t * (3 - 2 * t) +
    (slopes[piece + 1] as number) * width * t * t * back
  );
}

/** Index of the piece an x lies in. */
function pieceAt(points: readonly CurvePoint[], x: number): number {
  let low = 0;
  let high = points.length - 2;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((points[middle] as CurvePoint)[0] <= x) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** Most steps of the search: halving alone would need them all, Newton's steps a handful. */
const MOST_STEPS = 60;

/** A step smaller than this part of a piece changes nothing any more. */
const SMALLEST_STEP = 1e-15;

/**
 * The smallest x at which a rising cubic reaches a value.
 *
 * Newton's steps on the piece that reaches it, kept within the part that is still open by halving: a piece may begin or
 * end level, where Newton alone would leave it.
 *
 * @returns null where it is never reached between the first and the last point.
 */
export function firstReaching({ points, slopes }: MonotoneCubic, value: number): number | null {
  const at = points.findIndex((point) => point[1] >= value);
  if (at === -1) return null;
  const [toX, toY] = points[at] as CurvePoint;
  if (at === 0) return toX;
  const [fromX, fromY] = points[at - 1] as CurvePoint;
  const width = toX - fromX;
  const [fromSlope, toSlope] = [(slopes[at - 1] as number) * width, (slopes[at] as number) * width];
  const square = 3 * (toY - fromY) - 2 * fromSlope - toSlope;
  const cube = 2 * (fromY - toY) + fromSlope + toSlope;
  let low = 0;
  let high = 1;
  let t = (value - fromY) / (toY - fromY);
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const over = fromY + t * (fromSlope + t * (square + t * cube)) - value;
    if (over >= 0) high = t;
    else low = t;
    const next = t - over / (fromSlope + t * (2 * square + 3 * t * cube));
    const inside = next > low && next < high;
    const moved = inside ? next : (low + high) / 2;
    if (Math.abs(moved - t) <= SMALLEST_STEP || high - low <= SMALLEST_STEP) break;
    t = moved;
  }
  return fromX + t * width;
}
