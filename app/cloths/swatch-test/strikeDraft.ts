/** Draft of why a test is struck out. */
export const strikeDraft = (testId: number): string => `strike-test:${testId}`;

/** Longest reason for striking a test out. */
export const LONGEST_REASON = 400;
