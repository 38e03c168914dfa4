import type { Job } from "../../../core/job/index.ts";
import { reopened, trialInUse } from "../../../core/seams/index.ts";
import { savedOrThrow } from "../../../data/db/index.ts";
import type { Repositories } from "../../../data/store.ts";
import { today } from "../../.server/http/answers.ts";

/** A seam that popped in wear opens the recipes its job was sewn with again: they did not hold. */
export async function reopenRecipes({ settings, workings }: Repositories, job: Pick<Job, "id">): Promise<void> {
  const { value, version } = await settings.find("recipes");
  if (!value || value.rows.length === 0) return;
  const used = trialInUse((await workings.find(job.id, "seams")).working)?.setup ?? null;
  savedOrThrow(
    await settings.save("recipes", { value: reopened(value, { jobId: job.id, used, on: today() }), version }),
  );
}
