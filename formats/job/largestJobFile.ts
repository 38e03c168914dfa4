/** Largest file of a job, bytes: some hundred photos, written as text. */
export const LARGEST_JOB_FILE = 100_000_000;
