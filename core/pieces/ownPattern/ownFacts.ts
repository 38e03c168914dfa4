import { chosenAt, type JobFacts } from "../../calculation/index.ts";
import { TRUNK_LOOP } from "../../drafting/index.ts";
import { risesCut } from "../../torso/index.ts";
import { cutLengthsOf } from "../cutLengths.ts";
import { measuresFor, NO_PIECES, type PieceFacts } from "../pieceFacts.ts";
import { stretchOnBody } from "../stretchOnBody.ts";
import { CLOSURE_GIRTHS, CLOSURE_LENGTHS } from "./closureOf.ts";

/** Lengths that tell how far a pattern stretches along the body. */
const ALONG = ["front_waist", "crotch_front", "back_waist", "crotch_back", "side_waist", "waist_to_hip"] as const;

/** Of a bottom its rises: lines along its crotch count to them, as those of a garment with a trunk count to its loop. */
function risesOf(job: JobFacts): (readonly [string, number])[] {
  const { front, back } = risesCut(job);
  return [
    ...(front === null ? [] : [["crotchFront", front] as const]),
    ...(back === null ? [] : [["crotchBack", back] as const]),
  ];
}

/** Planned girths and the planned trunk that a pattern from elsewhere is held against, as far as the job has them; it needs none. */
export function ownFacts(job: JobFacts): PieceFacts {
  const { plan } = job;
  if (!plan || !job.school) return NO_PIECES;
  const planned = plan.zones.flatMap(({ zone }) => {
    const garmentMm = chosenAt(plan, zone)?.garmentMm;
    return garmentMm === undefined ? [] : [[zone, garmentMm] as const];
  });
  const { cut } = cutLengthsOf(["trunk_loop", ...new Set([...ALONG, ...CLOSURE_LENGTHS])], job);
  const loop = cut.find(({ code }) => code === "trunk_loop");
  const trunk = loop ? [[TRUNK_LOOP, loop.cutMm] as const] : risesOf(job);
  return {
    ...NO_PIECES,
    drawn: {
      measures: measuresFor({ measures: CLOSURE_GIRTHS.map((id) => ({ id })) }, job.body),
      girths: Object.fromEntries([...planned, ...trunk]),
      lengths: Object.fromEntries(cut.map(({ code, cutMm }) => [code, cutMm])),
    },
    usual: job.stretch ? { usable: job.stretch.usable } : {},
    stretch: stretchOnBody(cut, plan),
    numbers: loop ? [{ id: "cut.trunk_loop", name: loop.explanation.title, explanation: loop.explanation }] : [],
  };
}
