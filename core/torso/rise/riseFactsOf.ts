import { type BodyFacts, chosenAt, type JobFacts, wantsOf } from "../../calculation/index.ts";
import type { Result } from "../../result.ts";
import { type CutPerMm, elsewhereOf } from "../../standing/index.ts";
import { hasTrunk } from "../trunk/hasTrunk.ts";
import type { PlannedRise, RiseFacts } from "./riseNeed.ts";

/** What rises rest on: the planned rises of the chosen school, and the girths their top edge lies on. */
export function riseFactsOf({ style, school, plan, body, keptWorkings, patternLengthsMm }: JobFacts): RiseFacts {
  const lengths = school ? plan?.lengths[school] : undefined;
  const answer = (id: string) => lengths?.find((length) => length.id === id)?.answer;
  const front = answer("frontRise");
  const garment = (["waist", "highHip", "hip"] as const).flatMap((zone) => {
    const mm = chosenAt(plan, zone)?.garmentMm;
    return mm === undefined ? [] : [[zone, mm] as const];
  });
  const rises = {
    front: riseOf(front, "crotch_front", body),
    back: riseOf(answer("backRise"), "crotch_back", body),
  };
  return {
    ...{ body, drops: style.drops, ...rises },
    elsewhere: elsewhereOf("rise", { ...keptWorkings, pattern: patternLengthsMm }, cutPerMmOf(rises)),
    noPlan: front
      ? front.ok
        ? null
        : front.problem.message
      : "Needs a chosen school: it decides the stretch along the body.",
    garment: Object.fromEntries(garment),
    ownTopEdge: !hasTrunk(style),
  };
}

/** At the side a drop is cut as it is in front and back in the middle: the plan has no length there. */
function cutPerMmOf({ front, back }: Pick<RiseFacts, "front" | "back">): CutPerMm {
  if (!front || !back) return {};
  return {
    crotch_front: front.cutPerMm,
    crotch_back: back.cutPerMm,
    waist_to_hip: (front.cutPerMm + back.cutPerMm) / 2,
  };
}

function riseOf(
  answer: Result<{ readonly bodyMm: number; readonly cutMm: number }> | undefined,
  code: "crotch_front" | "crotch_back",
  body: BodyFacts | null,
): PlannedRise | null {
  const bodyMm = wantsOf(body).length(code);
  return answer?.ok && bodyMm !== null ? { bodyMm, cutPerMm: answer.value.cutMm / answer.value.bodyMm } : null;
}
