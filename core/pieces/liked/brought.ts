import { type Draft, type OperationCall, operate, saidAlone } from "../../drafting/index.ts";
import { fail, ok, type Result } from "../../result.ts";
import type { LikedPoint } from "./likedPoint.ts";

/** A length is brought to another within this, mm. */
const NEAR_MM = 0.05;

/** An operation tells its amount square to an edge, not along it: so many tries find the one that comes to the length. */
const TRIES = 12;

/**
 * Operations that bring a length of pieces to what it is on a garment that fits.
 * @returns them, none where it is there already; `no-length` where the pieces have none; or what an operation says, or `no-nearer` where no amount comes to it.
 */
export function broughtTo(draft: Draft, point: LikedPoint, toMm: number): Result<readonly OperationCall[]> {
  const start = point.measure(draft)?.mm;
  if (start === undefined) return fail("no-length", "Expected pieces that have such a length, but these have none.");
  const missing = toMm - start;
  if (Math.abs(missing) < NEAR_MM) return ok([]);
  // By the secant: from what nothing and the whole difference come to.
  let [low, lowMm, by] = [0, start, missing];
  for (let time = 0; time < TRIES; time += 1) {
    const calls = point.longer(draft, by);
    const done = operate(draft, calls);
    if (!done.ok) return fail(done.problem.code, saidAlone(done.problem.message));
    const mm = point.measure(done.value.draft)?.mm ?? start;
    if (Math.abs(mm - toMm) < NEAR_MM) return ok(calls);
    const next = by + ((toMm - mm) * (by - low)) / (mm - lowMm);
    if (!Number.isFinite(next)) break;
    [low, lowMm, by] = [by, mm, next];
  }
  return fail("no-nearer", `Expected it to come to ${toMm.toFixed(1)} mm by one step, but no amount of it does.`);
}
