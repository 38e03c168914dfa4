/** Largest file of a job, bytes: over a hundred photos, written as text; more a page does not show either. */
export const LARGEST_JOB_FILE = 50_000_000;
