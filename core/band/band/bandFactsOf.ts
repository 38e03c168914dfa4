import { chosenAt, type JobFacts } from "../../calculation/index.ts";
import type { Consequences } from "../../ease/index.ts";
import type { BandFacts } from "./madeBand.ts";

/** What a band rests on: the strain its wings are planned with, its cloth, the elastics on the shelf. */
export const bandFactsOf = (job: JobFacts): BandFacts => ({
  body: job.body,
  isForm: job.beside.isForm,
  plannedStrain: plannedStrain(job),
  drawn: asDrawn(chosenAt(job.plan, "underbust")),
  usable: job.stretch?.usable ?? null,
  wear: job.stretch?.wear ?? null,
  elastics: job.beside.elastics,
});

function plannedStrain({ zones, plan, school }: JobFacts): number | null {
  // A girth of one's own may be the band's, rigid parts and all: then the school still says how far wings stretch.
  if (zones.underbust?.by !== "own") return wholeStrain(chosenAt(plan, "underbust"));
  const answer = school ? plan?.zones.find(({ zone }) => zone === "underbust")?.bySchool[school] : undefined;
  return wholeStrain(answer?.ok ? answer.value.consequences : null);
}

const asDrawn = (planned: Pick<Consequences, "stillMm" | "strain"> | null): BandFacts["drawn"] =>
  planned?.stillMm === undefined ? null : { rigidMm: planned.stillMm, strain: planned.strain };

/** How far a school stretches a ring, had it nothing in it that does not stretch: what its wings are to be stretched by. */
const wholeStrain = (planned: Pick<Consequences, "easeRatio"> | null): number | null =>
  planned && 1 / (1 + planned.easeRatio) - 1;
