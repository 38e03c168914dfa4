import { draftName } from "../../../formats/kept/draftNames.ts";

/** Name of the draft of the form that starts a job's next prototype. */
export const newPrototypeDraft = (jobId: number): string => draftName("prototype-new", jobId);
