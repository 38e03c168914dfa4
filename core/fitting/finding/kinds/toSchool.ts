import { term } from "../../../explain/index.ts";
import { type FindingFacts, type Remedy, remedy } from "./findingKind.ts";
import { girthThrough, isOverCups } from "./takeIn.ts";

/** Letting a girth that was sewn or changed smaller out again to what the school planned; none where it is not smaller. */
export function toSchool(facts: FindingFacts, why: string): Remedy[] {
  const { girth } = facts;
  if (!girth || girth.plannedMm <= girth.judgedMm || isOverCups(facts)) return [];
  const length = term("garment", "length");
  return [
    remedy({
      ...girthThrough(facts),
      id: "to-school",
      name: "Let out to the school's girth",
      amountMm: girth.plannedMm - girth.judgedMm,
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
