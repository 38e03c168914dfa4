import { type Curved, type Edge, sizeOf } from "./edge.ts";
import { distance } from "./point.ts";

/** Abscissae and weights of the Gauss–Legendre rule of five points on −1 to 1. */
const GAUSS: readonly (readonly [at: number, weight: number])[] = [
  [0, 128 / 225],
  [-Math.sqrt(5 - 2 * Math.sqrt(10 / 7)) / 3, (322 + 13 * Math.sqrt(70)) / 900],
  [Math.sqrt(5 - 2 * Math.sqrt(10 / 7)) / 3, (322 + 13 * Math.sqrt(70)) / 900],
  [-Math.sqrt(5 + 2 * Math.sqrt(10 / 7)) / 3, (322 - 13 * Math.sqrt(70)) / 900],
  [Math.sqrt(5 + 2 * Math.sqrt(10 / 7)) / 3, (322 - 13 * Math.sqrt(70)) / 900],
];

/** Lengths are right to this part of an edge's size: a hundredth of a millimetre on ten metres. */
export const LENGTH_TOLERANCE = 1e-6;

/** Parts a curve is looked at in from the start: two halves that agree by chance are then a small part of it. */
const PARTS = 4;

/** Halves agree this many times closer than the length has to be right: at a cusp they agree before they are. */
const SAFE = 20;

/** A curve is halved no deeper: then its parts are shorter than any thread. */
const DEEPEST = 24;

/** Edges never change: the length of a whole one is found once, however often it is asked for. */
const known = new WeakMap<Edge, number>();

/**
 * Length of an edge, or of a part of it, mm, by adaptive quadrature: a part is halved until its two halves agree with
 * it within {@link LENGTH_TOLERANCE} of the edge's size.
 */
export function lengthOfEdge(edge: Edge, from = 0, to = 1): number {
  if (edge.kind === "straight") return distance(edge.from, edge.to) * (to - from);
  if (from !== 0 || to !== 1) return measured(edge, from, to);
  const before = known.get(edge);
  if (before !== undefined) return before;
  const whole = measured(edge, from, to);
  known.set(edge, whole);
  return whole;
}

function measured(edge: Curved, from: number, to: number): number {
  const tolerance = (LENGTH_TOLERANCE * sizeOf(edge)) / (SAFE * PARTS);
  let sum = 0;
  for (let part = 0; part < PARTS; part += 1) {
    const [start, end] = [from + ((to - from) * part) / PARTS, from + ((to - from) * (part + 1)) / PARTS];
    sum += refined(edge, { from: start, to: end, guess: quadrature(edge, start, end), tolerance, depth: 0 });
  }
  return sum;
}

interface Part {
  readonly from: number;
  readonly to: number;
  readonly guess: number;
  readonly tolerance: number;
  readonly depth: number;
}

function refined(edge: Curved, { from, to, guess, tolerance, depth }: Part): number {
  const middle = (from + to) / 2;
  const [first, second] = [quadrature(edge, from, middle), quadrature(edge, middle, to)];
  // The rule gains ten orders with each halving; where it does not yet, at a cusp, it goes on.
  if (Math.abs(first + second - guess) <= tolerance || depth >= DEEPEST) return first + second;
  const next = { tolerance: tolerance / 2, depth: depth + 1 };
  return (
    refined(edge, { ...next, from, to: middle, guess: first }) +
    refined(edge, { ...next, from: middle, to, guess: second })
  );
}

function quadrature(edge: Curved, from: number, to: number): number {
  const [middle, half] = [(from + to) / 2, (to - from) / 2];
  let sum = 0;
  for (const [at, weight] of GAUSS) sum += weight * pace(edge, middle + half * at);
  return half * sum;
}

/** How fast the place goes with the parameter, mm: the length of the speed, found without making one. It is asked for most of all. */
function pace({ from, leave, arrive, to }: Curved, t: number): number {
  const s = 1 - t;
  const [a, b, c] = [3 * s * s, 6 * s * t, 3 * t * t];
  const x = a * (leave.x - from.x) + b * (arrive.x - leave.x) + c * (to.x - arrive.x);
  const y = a * (leave.y - from.y) + b * (arrive.y - leave.y) + c * (to.y - arrive.y);
  return Math.sqrt(x * x + y * y);
}

/** Length of several edges one after the other, mm. */
export const lengthOfEdges = (edges: readonly Edge[]): number =>
  edges.reduce((sum, edge) => sum + lengthOfEdge(edge), 0);

/** Steps after which halving has used up all digits of a number. */
const HALVINGS = 60;

/**
 * The parameter at which an edge has gone a length.
 *
 * @param mm along the edge from its start, 0 to its length; beyond it its end.
 */
export function parameterAt(edge: Edge, mm: number): number {
  const whole = lengthOfEdge(edge);
  if (mm <= 0 || whole === 0) return 0;
  if (mm >= whole) return 1;
  if (edge.kind === "straight") return mm / whole;
  const close = LENGTH_TOLERANCE * sizeOf(edge);
  let [low, high, before, next] = [0, 1, 0, mm / whole];
  for (let step = 0; step < HALVINGS; step += 1) {
    const gone = before + measured(edge, low, next);
    if (Math.abs(gone - mm) <= close) return next;
    // On by the pace there (Newton); where that leads out of what is left, or the curve stands still, to the middle.
    const ahead = next + (mm - gone) / pace(edge, next);
    if (gone < mm) {
      low = next;
      before = gone;
    } else high = next;
    next = ahead > low && ahead < high ? ahead : (low + high) / 2;
  }
  return next;
}
