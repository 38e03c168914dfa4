import { type BodyFacts, chosenAt, type JobFacts, wantsOf } from "../../calculation/index.ts";
import type { Result } from "../../result.ts";
import { type CutPerMm, elsewhereOf, filledFrom } from "../../standing/index.ts";
import { hasTrunk } from "../trunk/hasTrunk.ts";
import { dropsOf, neededRiseMm, type PlannedRise, type RiseFacts } from "./riseNeed.ts";
import { NEW_RISE } from "./working.ts";

/** What rises rest on: the planned rises of the chosen school, and the girths their top edge lies on. */
export function riseFactsOf(job: JobFacts): RiseFacts {
  const { style, school, plan, body, keptWorkings, patternLengthsMm } = job;
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
  const elsewhere = elsewhereOf("rise", { ...keptWorkings, pattern: patternLengthsMm }, cutPerMmOf(rises));
  const ownTopEdge = !hasTrunk(style);
  const number = ownTopEdge ? (job.waistElastic?.() ?? null) : null;
  const kept = { ...NEW_RISE, ...keptWorkings.rise };
  return {
    ...{ body, drops: style.drops, ...rises, elsewhere, ownTopEdge },
    drawnElastic: number && { number, drops: dropsOf(filledFrom(kept, elsewhere), style.drops) },
    noPlan: front
      ? front.ok
        ? null
        : front.problem.message
      : "Needs a chosen school: it decides the stretch along the body.",
    garment: Object.fromEntries(garment),
  };
}

/** Front and back rise of a bottom as it is to be cut, by what was told of its top edge; none where the plan cannot say yet. mm */
export function risesCut(job: JobFacts): { readonly front: number | null; readonly back: number | null } {
  const facts = riseFactsOf({ ...job, waistElastic: () => null });
  const working = filledFrom({ ...NEW_RISE, ...job.keptWorkings.rise }, facts.elsewhere);
  return { front: neededRiseMm("front", working, facts), back: neededRiseMm("back", working, facts) };
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
