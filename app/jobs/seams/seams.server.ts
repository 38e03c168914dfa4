import { redirect } from "react-router";
import {
  MOST_TRIALS,
  type SeamsFacts,
  type SeamsWorking,
  type SeamTrial,
  seamStretch,
  withRecipe,
} from "../../../core/seams/index.ts";
import { reckonWorking } from "../../../core/workings/index.ts";
import { savedOrThrow } from "../../../data/db/index.ts";
import type { Repositories, Store } from "../../../data/store.ts";
import { found, invalid, today } from "../../.server/http/answers.ts";
import type { Fields } from "../../form/unsaved.ts";
import { trialDraft } from "./trialFields.ts";
import { readTrial } from "./trialForm.server.ts";

const pageOf = (jobId: number) => `/jobs/${jobId}/seams`;

/** Puts a trial behind those there are. */
export async function addTrial(fields: Fields, jobId: number, store: Store) {
  const { value } = await store.settings.find("machines");
  const read = readTrial(fields, value?.rows ?? [], today());
  if (!read.ok) return invalid(fields, read.errors);
  return store.inTransaction(async (all) => {
    const { working } = await all.workings.find(jobId, "seams");
    if (working.trials.length >= MOST_TRIALS)
      return invalid(fields, { form: `Expected at most ${MOST_TRIALS} trials for a job: take one away first.` });
    const id = Math.max(0, ...working.trials.map((one) => one.id)) + 1;
    await change(all, jobId, (before) => ({ ...before, trials: [...before.trials, { ...read.value, id }] }));
    await all.drafts.drop(trialDraft(jobId));
    return redirect(pageOf(jobId));
  });
}

/** Sews the job with the set-up of a trial, or with none. */
export const chooseTrial = (fields: Fields, jobId: number, store: Store) =>
  withTrial(fields, jobId, store, async (all, { id }) => {
    await change(all, jobId, (before) => ({ ...before, inUse: before.inUse === id ? null : id }));
    return null;
  });

/** Takes a trial away. */
export const removeTrial = (fields: Fields, jobId: number, store: Store) =>
  withTrial(fields, jobId, store, async (all, { id }) => {
    await change(all, jobId, (before) => ({
      trials: before.trials.filter((one) => one.id !== id),
      inUse: before.inUse === id ? null : before.inUse,
    }));
    return null;
  });

/** Keeps the set-up of a trial as a recipe of the workshop, if it holds what this job's seams need. */
export const keepRecipe = (fields: Fields, jobId: number, store: Store, facts: SeamsFacts) =>
  withTrial(fields, jobId, store, async (all, trial) => {
    const { working } = await all.workings.find(jobId, "seams");
    const read = reckonWorking("seams", working, facts).trials.find((one) => one.trial.id === trial.id);
    if (!facts.clothClass || !read?.verdict || read.verdict === "fail")
      return invalid(fields, {
        form: `Expected a trial that holds what the seams of this job need, but trial ${trial.id} does not, or its cloth is not tested.`,
      });
    const { value, version } = await all.settings.find("recipes");
    const recipe = {
      ...{ clothClass: facts.clothClass, setup: trial.setup, on: today(), jobId, trialId: trial.id },
      stretch: seamStretch(trial.lengthMm, trial.gaugeMm),
    };
    savedOrThrow(await all.settings.save("recipes", { value: withRecipe(value ?? { rows: [] }, recipe), version }));
    return null;
  });

async function withTrial(
  fields: Fields,
  jobId: number,
  store: Store,
  does: (all: Repositories, trial: SeamTrial) => Promise<ReturnType<typeof invalid> | null>,
) {
  return store.inTransaction(async (all) => {
    found(await all.jobs.find(jobId), "job");
    const { working } = await all.workings.find(jobId, "seams");
    const trial = working.trials.find(({ id }) => String(id) === fields.trial);
    if (!trial) return invalid(fields, { form: "Expected a trial of this job, but it is not there any more." });
    return (await does(all, trial)) ?? redirect(pageOf(jobId));
  });
}

/** Keeps the seams of a job changed: trials are only ever added and taken away, so whatever else is there stays. */
async function change(
  { jobs, workings }: Repositories,
  jobId: number,
  to: (before: SeamsWorking) => SeamsWorking,
): Promise<void> {
  found(await jobs.find(jobId), "job");
  const { working, texts, version } = await workings.find(jobId, "seams");
  savedOrThrow(await workings.save(jobId, "seams", { working: to(working), texts, version }));
}
