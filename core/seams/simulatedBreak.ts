import { isNeedle } from "./position.ts";
import type { SeamSetup } from "./setup.ts";
import { threadOf } from "./thread.ts";

/** What the made-up seams of the stand-in gauge do: where they begin, and what each thing adds, strains. */
const [BEGINS, TEXTURED, PER_DIAL, PER_MM, FED] = [0.34, 0.22, 0.06, 0.08, 0.15] as const;

/** A stitch of this length adds and takes nothing, mm. */
const USUAL_LENGTH_MM = 2.5;

/** Least a made-up seam goes. */
const LEAST = 0.08;

/** Where the first stitch of a made-up seam breaks: for the stand-in gauge only, which practises what the adviser says. No number of a job comes from it. */
export function simulatedBreak(setup: Pick<SeamSetup, "threads" | "dialBase" | "lengthMm" | "fedStretched">): number {
  const under = setup.threads.filter(({ position }) => !isNeedle(position));
  const textured = under.length > 0 && under.every(({ kind }) => threadOf(kind).textured);
  const slack = setup.threads.flatMap(({ tension }) => (tension === null ? [] : [setup.dialBase - tension]));
  const loose = slack.length === 0 ? 0 : slack.reduce((sum, one) => sum + one, 0) / slack.length;
  const strain =
    BEGINS +
    (textured ? TEXTURED : 0) +
    PER_DIAL * loose +
    PER_MM * (USUAL_LENGTH_MM - setup.lengthMm) +
    (setup.fedStretched ? FED : 0);
  return Math.max(LEAST, strain);
}
