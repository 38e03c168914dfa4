import type { WorkingId } from "../../../core/workings/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";

/** Name of the draft of a working that is half-typed. */
export const workingDraft = (jobId: number, id: WorkingId): string => draftName("working", jobId, id.toLowerCase());
