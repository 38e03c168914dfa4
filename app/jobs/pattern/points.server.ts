import type { Store } from "../../../data/store.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { found, invalid } from "../../.server/http/answers.ts";
import { conflictRows, type Fields } from "../../form/unsaved.ts";
import { likedLengthFields } from "../../wearers/garment/likedFields.ts";
import { readLikedLengths } from "../../wearers/garment/likedForm.server.ts";

/** Name of the draft of a job's pattern lengths. */
export const pointsDraft = (jobId: number): string => draftName("points", jobId);

/** Keeps the lengths of the pattern a job is cut from. */
export async function savePoints(fields: Fields, jobId: number, store: Store) {
  const read = readLikedLengths(fields);
  if (!read.ok) return invalid(fields, read.errors);
  return store.inTransaction(async ({ jobs, drafts }) => {
    const job = found(await jobs.find(jobId), "job");
    const changed = { ...job, patternLengthsMm: read.value.length, version: startedFrom(fields) };
    return answerEdit(await jobs.save(changed), {
      ...{ fields, drafts, draft: pointsDraft(jobId), what: "job", to: `/jobs/${jobId}/pattern` },
      rows: (theirs) => conflictRows(fields, likedLengthFields(theirs.patternLengthsMm)),
    });
  });
}
