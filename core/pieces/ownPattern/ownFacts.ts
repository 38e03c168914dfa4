import { chosenAt, type JobFacts } from "../../calculation/index.ts";
import { TRUNK_LOOP } from "../../drafting/index.ts";
import { girthBodies } from "../../ease/index.ts";
import { cutLengthsOf } from "../cutLengths.ts";
import { NO_PIECES, type PieceFacts } from "../pieceFacts.ts";
import { stretchOnBody } from "../stretchOnBody.ts";
import { CLOSURE_GIRTHS, CLOSURE_LENGTHS } from "./closureOf.ts";

/** Lengths that tell how far a pattern stretches along the body. */
const ALONG = ["front_waist", "crotch_front", "back_waist", "crotch_back", "side_waist", "waist_to_hip"] as const;

/** Planned girths and the planned trunk that a pattern from elsewhere is held against, as far as the job has them; it needs none. */
export function ownFacts(job: JobFacts): PieceFacts {
  const { plan } = job;
  if (!plan || !job.school) return NO_PIECES;
  const planned = plan.zones.flatMap(({ zone }) => {
    const garmentMm = chosenAt(plan, zone)?.garmentMm;
    return garmentMm === undefined ? [] : [[zone, garmentMm] as const];
  });
  const [loop] = cutLengthsOf(["trunk_loop"], job).cut;
  const heights = cutLengthsOf(CLOSURE_LENGTHS, job).cut;
  const trunk = loop ? [[TRUNK_LOOP, loop.cutMm] as const] : [];
  return {
    ...NO_PIECES,
    drawn: {
      measures: girthsOnBody(job),
      girths: Object.fromEntries([...planned, ...trunk]),
      lengths: Object.fromEntries(heights.map(({ code, cutMm }) => [code, cutMm])),
    },
    usual: job.stretch ? { usable: job.stretch.usable } : {},
    stretch: stretchOnBody(cutLengthsOf(ALONG, job).cut, plan),
    numbers: loop ? [{ id: "cut.trunk_loop", name: loop.explanation.title, explanation: loop.explanation }] : [],
  };
}

/** Girths that a garment passes as it is put on, snug, as far as they were taken. */
const girthsOnBody = ({ body }: JobFacts): Record<string, number> =>
  Object.fromEntries(
    CLOSURE_GIRTHS.flatMap((code) => {
      const mm = body ? girthBodies(code, body, body.fingerAllowanceMm)?.plan.snugMm : undefined;
      return mm === undefined ? [] : [[code, mm]];
    }),
  );
