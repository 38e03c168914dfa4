import { draftName } from "../../../formats/kept/draftNames.ts";

/** Name of the half-filled form of a sign-off. */
export const signOffDraft = (jobId: number): string => draftName("sign-off", jobId);
