import { redirect } from "react-router";
import { bandToTake } from "../../../core/job/index.ts";
import type { Store } from "../../../data/store.ts";
import { startedFrom } from "../../.server/http/answerEdit.ts";
import { found, invalid } from "../../.server/http/answers.ts";
import { readJobPlan } from "../../.server/read/jobPlan.ts";
import { readWorkings } from "../../.server/read/workingContext.ts";
import type { Fields } from "../../form/unsaved.ts";

/** Makes the band's girth, rigid parts and all, the underbust of the ease plan. */
export async function takeBand(fields: Fields, jobId: number, store: Store, back: string) {
  return store.inTransaction(async (repositories) => {
    const read = await readJobPlan(repositories, jobId);
    const { kept, facts } = await readWorkings(repositories, read, "picked");
    const garmentMm = bandToTake(kept.band.working, facts.band);
    if (garmentMm === null)
      return invalid(fields, { take: "Expected a band that is worked out and kept, but something is still lacking." });
    const job = found(await repositories.jobs.find(jobId), "job");
    const zones = { ...job.zones, underbust: { by: "own" as const, garmentMm } };
    const outcome = await repositories.jobs.save({ ...job, zones, version: startedFrom(fields) });
    return outcome.saved
      ? redirect(back)
      : invalid(fields, { take: "Somebody changed this job meanwhile. It is shown here as it is now; take it again." });
  });
}
