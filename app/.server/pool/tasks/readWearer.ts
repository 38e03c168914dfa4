import { fail, ok } from "../../../../core/result.ts";
import type { JobDocument } from "../../../../formats/job/jobDocument.ts";
import { readWearerDocument, type WearerDocument } from "../../../../formats/job/wearerDocument.ts";
import { readJson } from "../../../../formats/json.ts";
import { keepPictures } from "../../transfer/keepPictures.ts";
import { type Task, textOf } from "../task.ts";

/** A file of a wearer, the pictures of every job looked at. */
export const readWearer: Task<{ readonly bytes: Uint8Array }, WearerDocument> = async ({ bytes }, progress) => {
  const json = readJson(textOf(bytes));
  if (!json.ok) return json;
  const document = readWearerDocument(json.value);
  if (!document.ok) return document;
  const jobs: JobDocument[] = [];
  for (const job of document.value.jobs) {
    const pictured = await keepPictures(job, progress);
    if (!pictured.ok) return fail(pictured.problem.code, `“${job.job.name}”: ${pictured.problem.message}`);
    jobs.push(pictured.value);
  }
  return ok({ ...document.value, jobs });
};
