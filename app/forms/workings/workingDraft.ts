import type { WorkingId } from "../../../core/workings/workings.ts";

/** Name of the draft of a working that is half-typed. */
export const workingDraft = (jobId: number, id: WorkingId): string => `working:${jobId}:${id.toLowerCase()}`;
