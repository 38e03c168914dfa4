import { cross, type Point, point, way } from "../geometry/index.ts";
import { asCut, outlineOf, type Piece, placesAlong } from "../piece/index.ts";
import type { Check, Fault } from "./check.ts";

/** No edge crosses itself or another one of its piece: an outline has an inside. */
export const noCrossing: Check = {
  id: "noCrossing",
  holds: "No edge crosses itself or another.",
  faults: ({ pieces }) => pieces.map(asCut).flatMap(faultsOf),
};

/** A short straight way of an outline, with its place in the order round it. */
interface Step {
  readonly at: number;
  readonly from: Point;
  readonly to: Point;
}

function faultsOf(piece: Piece): Fault[] {
  const places = outlineOf(piece).flatMap((line) => placesAlong(line));
  const steps = places.map((from, at): Step => ({ at, from, to: places[(at + 1) % places.length] ?? from }));
  const found = firstCrossing(steps);
  return found
    ? [
        {
          piece: piece.id,
          at: found,
          message: `Expected no edge of “${piece.name}” to cross another, but two do at ${found.x.toFixed(0)}, ${found.y.toFixed(0)} mm.`,
        },
      ]
    : [];
}

/**
 * The first place at which an outline crosses itself. Steps are looked at by rising x, each against those only that still
 * reach as far: the work grows with their number, not with its square.
 */
function firstCrossing(steps: readonly Step[]): Point | null {
  const sorted = steps.toSorted((a, b) => Math.min(a.from.x, a.to.x) - Math.min(b.from.x, b.to.x));
  let open: Step[] = [];
  for (const step of sorted) {
    const left = Math.min(step.from.x, step.to.x);
    open = open.filter(({ from, to }) => Math.max(from.x, to.x) >= left);
    for (const other of open) {
      const at = besides(step, other, steps.length) ? crossing(step, other) : null;
      if (at) return at;
    }
    open.push(step);
  }
  return null;
}

/** Steps after one another share an end: that is no crossing. */
const besides = (one: Step, other: Step, count: number): boolean => {
  const apart = Math.abs(one.at - other.at);
  return apart > 1 && apart < count - 1;
};

function crossing(one: Step, other: Step): Point | null {
  const [mine, theirs, between] = [way(one.from, one.to), way(other.from, other.to), way(one.from, other.from)];
  const across = cross(mine, theirs);
  if (across === 0) return null;
  const [t, u] = [cross(between, theirs) / across, cross(between, mine) / across];
  return t >= 0 && t <= 1 && u >= 0 && u <= 1 ? point(one.from.x + t * mine.x, one.from.y + t * mine.y) : null;
}
