import { LIKED_LENGTHS } from "../../../core/ease/index.ts";
import type { Store } from "../../../data/store.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { found, invalid } from "../../.server/http/answers.ts";
import { unitOf } from "../../form/formUnit.ts";
import { readLengths } from "../../form/readLengths.ts";
import { conflictRows, type Fields } from "../../form/unsaved.ts";
import { likedLengthField, likedLengthFields } from "../../wearers/garment/likedFields.ts";

/** Name of the draft of a job's pattern lengths. */
export const pointsDraft = (jobId: number): string => draftName("points", jobId);

/** Keeps the lengths of the pattern a job is cut from. */
export async function savePoints(fields: Fields, jobId: number, store: Store) {
  const errors: Record<string, string> = {};
  const unit = unitOf(fields);
  const patternLengthsMm = readLengths(fields, LIKED_LENGTHS, likedLengthField, { unit, errors });
  if (Object.keys(errors).length > 0) return invalid(fields, errors);
  return store.inTransaction(async ({ jobs, drafts }) => {
    const job = found(await jobs.find(jobId), "job");
    return answerEdit(await jobs.save({ ...job, patternLengthsMm, version: startedFrom(fields) }), {
      ...{ fields, drafts, draft: pointsDraft(jobId), what: "job", to: `/jobs/${jobId}/pattern` },
      rows: (theirs) => conflictRows(fields, likedLengthFields(theirs.patternLengthsMm)),
    });
  });
}
