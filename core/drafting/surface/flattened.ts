import { type Point, point } from "../geometry/index.ts";
import { Banded } from "./banded.ts";
import type { Net, Thread } from "./net.ts";

/** A net laid flat with the least strain. */
export interface Flattened {
  /** In the order of the net's places, mm. */
  readonly places: readonly Point[];
  readonly threads: readonly Thread[];
  /** How far each thread is off its length on the surface: below 0 the flat piece is shorter there, and the cloth has to give. */
  readonly strains: readonly number[];
}

/**
 * Threads that are sewn are so many times as stiff as the others: at first as much as lets the whole find its shape, then they keep their
 * length to a tenth of a millimetre in all.
 */
export const [SEWN_ROUGHLY, SEWN] = [30, 10_000] as const;

/** Most rounds; each solves all places at once. */
const ROUNDS = 60;

/** It has settled where a round takes no more than this part of the strain away: where the whole lies on the table does not matter. */
const SETTLED = 1e-5;

/** How far a step is held back, as a part of the springs' own stiffness. */
const [HELD_FIRST, HELD_LEAST, HELD_MOST] = [1e-3, 1e-7, 1e6] as const;

/** A sewn thread far off its length would hold the whole from turning: it is taken for so many times as stiff as others there. */
const TURNING = 1000;

/** Threads are about so long, mm: what is held back is counted against the stiffness of one. */
const TYPICAL_MM = 8;

/**
 * Lays a net flat: every thread a spring of its length on the surface, those of seams far stiffer, until all of them together are in the
 * least strain (Newton's method without what would make a spring buckle, held back after Levenberg and Marquardt where a step would make
 * it worse).
 *
 * @param threads of the net, each with the length it is to have.
 * @param start where the places lie at first: near enough that nothing is folded over.
 * @param sewn how stiff the threads of seams are.
 */
export function flattened(
  { rows }: Pick<Net, "rows">,
  threads: readonly Thread[],
  start: readonly Point[],
  sewn: number = SEWN,
): Flattened {
  // Places of one column and the next, or a corner and its column, stand this near to one another.
  const springs = springsOf(threads, sewn, 2 * (rows + 2));
  let places: Float64Array = Float64Array.from(start.flatMap(({ x, y }) => [x, y]));
  let energy = energyOf(springs, places);
  let held: number = HELD_FIRST;
  for (let round = 0; round < ROUNDS && held < HELD_MOST; round += 1) {
    const next = steppedFrom(springs, places, held);
    const energyNext = next ? energyOf(springs, next) : Number.POSITIVE_INFINITY;
    if (!next || energyNext > energy) {
      held *= 10;
      continue;
    }
    const gained = energy - energyNext;
    places = next;
    energy = energyNext;
    held = Math.max(HELD_LEAST, held / 10);
    if (gained <= SETTLED * energy) break;
  }
  const flat = start.map((_, at) => point(places[2 * at] as number, places[2 * at + 1] as number));
  return { places: flat, threads, strains: threads.map(({ mm }, at) => lengthIn(springs, places, at) / mm - 1) };
}

/** The threads as plain columns of numbers: they are gone over some hundred times. */
interface Springs {
  readonly from: Int32Array;
  readonly to: Int32Array;
  readonly mm: Float64Array;
  readonly stiff: Float64Array;
  readonly band: number;
}

const springsOf = (threads: readonly Thread[], sewn: number, band: number): Springs => ({
  from: Int32Array.from(threads, ({ from }) => 2 * from),
  to: Int32Array.from(threads, ({ to }) => 2 * to),
  mm: Float64Array.from(threads, ({ mm }) => mm),
  stiff: Float64Array.from(threads, ({ edge, mm }) => (edge ? sewn : 1) / mm),
  band,
});

function lengthIn({ from, to }: Springs, places: Float64Array, at: number): number {
  const [a, b] = [from[at] as number, to[at] as number];
  const [x, y] = [(places[b] as number) - (places[a] as number), (places[b + 1] as number) - (places[a + 1] as number)];
  return Math.sqrt(x * x + y * y);
}

function energyOf(springs: Springs, places: Float64Array): number {
  let sum = 0;
  for (let at = 0; at < springs.mm.length; at += 1) {
    const off = lengthIn(springs, places, at) - (springs.mm[at] as number);
    sum += (springs.stiff[at] as number) * off * off;
  }
  return sum;
}

/** The places after the step that would bring all springs to rest if they were straight; null where it cannot be solved. */
function steppedFrom(springs: Springs, places: Float64Array, held: number): Float64Array | null {
  const { from, to, mm, stiff, band } = springs;
  const matrix = new Banded(places.length, band);
  const pull = new Float64Array(places.length);
  const pulled = (place: number, by: number) => {
    pull[place] = (pull[place] as number) + by;
  };
  for (let at = 0; at < mm.length; at += 1) {
    const now = lengthIn(springs, places, at);
    if (now === 0) continue;
    const [a, b, k] = [from[at] as number, to[at] as number, stiff[at] as number];
    const x = ((places[b] as number) - (places[a] as number)) / now;
    const y = ((places[b + 1] as number) - (places[a + 1] as number)) / now;
    const force = k * (now - (mm[at] as number));
    pulled(a, force * x);
    pulled(a + 1, force * y);
    pulled(b, -force * x);
    pulled(b + 1, -force * y);
    // A stretched spring also holds against being turned; one that is pushed together would buckle, and is taken to hold nothing there.
    const turning = Math.min(k, TURNING / (mm[at] as number)) * Math.max(0, 1 - (mm[at] as number) / now);
    const [xx, xy, yy] = [k * x * x + turning * y * y, (k - turning) * x * y, k * y * y + turning * x * x];
    for (const end of [a, b]) {
      matrix.add(end, end, xx);
      matrix.add(end + 1, end, xy);
      matrix.add(end + 1, end + 1, yy);
    }
    matrix.add(b, a, -xx);
    matrix.add(b, a + 1, -xy);
    matrix.add(b + 1, a, -xy);
    matrix.add(b + 1, a + 1, -yy);
  }
  for (let at = 0; at < places.length; at += 1) matrix.add(at, at, held / TYPICAL_MM);
  const step = matrix.solve(pull);
  if (step) for (let at = 0; at < step.length; at += 1) step[at] = (step[at] as number) + (places[at] as number);
  return step;
}
