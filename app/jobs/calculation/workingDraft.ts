import type { WorkingId } from "../../../core/workings/calculations.ts";
import { draftName } from "../../../data/drafts/draftNames.ts";

/** Name of the draft of a working that is half-typed. */
export const workingDraft = (jobId: number, id: WorkingId): string => draftName("working", jobId, id.toLowerCase());
