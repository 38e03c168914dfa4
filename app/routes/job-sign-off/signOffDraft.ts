/** Name of the half-filled form of a sign-off. */
export const signOffDraft = (jobId: number): string => `sign-off:${jobId}`;
