import { term } from "../../../explain/index.ts";
import { type FindingFacts, type Remedy, remedy } from "./findingKind.ts";
import { BODY_PIECES, GIRTH_BLEND } from "./spotGroups.ts";

/** Letting a girth that was sewn or changed smaller out again to what the school planned; none where it is not smaller. */
export function toSchool({ girth, seams }: FindingFacts, why: string): Remedy[] {
  if (!girth || girth.plannedMm <= girth.judgedMm) return [];
  const length = term("garment", "length");
  return [
    remedy({
      id: "to-school",
      on: "girth",
      name: "Let out to the school's girth",
      pieces: BODY_PIECES,
      line: seams.name,
      blend: GIRTH_BLEND,
      amountMm: girth.plannedMm - girth.judgedMm,
      seams: seams.count,
      why,
      by: {
        formula: "Δ = P − G",
        terms: [
          length("P", "planned by the school, without any change", girth.plannedMm, "frozen plan"),
          length("G", "as it was fitted", girth.judgedMm, "sewn, or planned where it was not measured"),
        ],
      },
    }),
  ];
}
