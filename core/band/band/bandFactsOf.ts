import { chosenAt, type JobFacts } from "../../calculation/index.ts";
import type { BandFacts } from "./madeBand.ts";

/** What a band rests on: the strain its wings are planned with, its cloth, the elastics on the shelf. */
export const bandFactsOf = (job: JobFacts): BandFacts => ({
  body: job.body,
  isForm: job.beside.isForm,
  plannedStrain: plannedStrain(job),
  usable: job.stretch?.usable ?? null,
  wear: job.stretch?.wear ?? null,
  elastics: job.beside.elastics,
});

function plannedStrain({ zones, plan, school }: JobFacts): number | null {
  // A girth of one's own may be the band's, rigid parts and all: then the school still says how far wings stretch.
  if (zones.underbust?.by !== "own") return chosenAt(plan, "underbust")?.strain ?? null;
  const answer = school ? plan?.zones.find(({ zone }) => zone === "underbust")?.bySchool[school] : undefined;
  return answer?.ok ? answer.value.consequences.strain : null;
}
