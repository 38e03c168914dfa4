import { draftName } from "../../../data/drafts/index.ts";

/** Name of the half-filled form of a sign-off. */
export const signOffDraft = (jobId: number): string => draftName("sign-off", jobId);
