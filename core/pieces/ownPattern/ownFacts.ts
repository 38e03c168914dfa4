import { chosenAt, type JobFacts } from "../../calculation/index.ts";
import { TRUNK_LOOP } from "../../drafting/index.ts";
import { cutLengthsOf } from "../cutLengths.ts";
import { NO_PIECES, type PieceFacts } from "../pieceFacts.ts";
import { stretchOnBody } from "../stretchOnBody.ts";

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
  const trunk = loop ? [[TRUNK_LOOP, loop.cutMm] as const] : [];
  return {
    ...NO_PIECES,
    drawn: { measures: {}, girths: Object.fromEntries([...planned, ...trunk]), lengths: {} },
    stretch: stretchOnBody(cutLengthsOf(ALONG, job).cut, plan),
    numbers: loop ? [{ id: "cut.trunk_loop", name: loop.explanation.title, explanation: loop.explanation }] : [],
  };
}
