import { strainAt, tensionAt } from "../../cloth/index.ts";
import { subscript, type Term } from "../../explain/index.ts";
import { median } from "../../median.ts";
import { fail, ok, type Problem, type Result } from "../../result.ts";
import { shareAlong } from "./lengthStrain.ts";
import type { LikedAnswer, LikedGirth, School, SchoolInput } from "./school.ts";

/**
 * What already fits: a garment the wearer likes, measured flat, carried over to the new cloth. Stretched garments keep
 * their tension where both cloths have curves, else their share of the usable stretch; loose ones keep their ease in
 * millimetres. Several garments: the median of the girths they give.
 *
 * Problems: `no-liked-garment`; where no garment can be carried over, the first one's: `unreachable`, or
 * `liked-cloth-unknown` where its cloth has neither a curve nor a usable stretch.
 */
export const likedSchool: School = {
  id: "profile",
  name: "What already fits",
  summary: "As tight as the garments this wearer likes.",
  blindTo: "Knows only what was worn; says nothing of what was never tried.",
  formula: "G = B / (1 + ε)",
  girth(input) {
    const { liked = [] } = input;
    if (liked.length === 0) {
      return fail("no-liked-garment", "Expected a garment that fits, measured flat here, but there is none.");
    }
    const carried = liked.map((garment) => carryOver(garment, input));
    const answers = carried.flatMap((answer) => (answer.ok ? [answer.value] : []));
    if (answers.length === 0) return { ok: false, problem: firstProblem(carried) };
    const exactMm = median(answers.map((answer) => answer.exactMm));
    return ok({ exactMm, habit: input.bodyMm / exactMm - 1, garments: answers });
  },
  heldByStableCloth: false,
  drawsIn: true,
  goesByLiked: true,
  lengthStrain: shareAlong,
  terms: ({ girth: { habit, garments = [] } }) => [
    { symbol: "ε", meaning: "strain carried over", value: habit, unit: "ratio", kind: "result", source: "below" },
    ...garments.map(
      (garment, index): Term => ({
        symbol: `G${subscript(index + 1)}`,
        meaning: `what “${garment.name}” gives, by equal ${garment.by === "share" ? "share of stretch" : garment.by}`,
        value: garment.exactMm,
        unit: "length",
        kind: "garment",
        source: `worn at ${Math.round(garment.wornStrain * 100)} % strain`,
      }),
    ),
  ],
  notes({ habit, garments = [] }) {
    if (garments.length > 1) {
      const girths = garments.map(({ exactMm }) => exactMm);
      const spread = Math.max(...girths) - Math.min(...girths);
      return [`The median of ${garments.length} garments; they lie ${Math.round(spread)} mm apart.`];
    }
    return habit < 0 ? ["A loose garment: its ease in millimetres is carried over as it is."] : [];
  },
};

/** Carries one garment over to the new body and cloth. Problems as {@link likedSchool}. */
function carryOver(garment: LikedGirth, { bodyMm, usable, wear }: SchoolInput): Result<LikedAnswer> {
  const wornStrain = garment.bodyMm / garment.garmentMm - 1;
  const answer = (by: LikedAnswer["by"], exactMm: number) => ok({ name: garment.name, exactMm, wornStrain, by });
  if (wornStrain <= 0) return answer("ease", bodyMm + (garment.garmentMm - garment.bodyMm));
  if (wear && garment.wear) {
    const { tensionNPerM } = tensionAt(garment.wear, wornStrain);
    const { strain } = strainAt(wear, tensionNPerM);
    if (strain !== null) return answer("tension", bodyMm / (1 + strain));
    return fail(
      "unreachable",
      `Expected a cloth that pulls as hard as “${garment.name}” does, but it never reaches ${tensionNPerM.toFixed(0)} N/m.`,
    );
  }
  if (garment.usable === null || garment.usable === 0) {
    return fail("liked-cloth-unknown", `Expected to know how far the cloth of “${garment.name}” stretches.`);
  }
  return answer("share", bodyMm / (1 + (wornStrain * usable) / garment.usable));
}

function firstProblem(carried: readonly Result<LikedAnswer>[]): Problem {
  const failed = carried.find((answer) => !answer.ok);
  if (!failed || failed.ok) throw new RangeError("Expected an answer that failed.");
  return failed.problem;
}
