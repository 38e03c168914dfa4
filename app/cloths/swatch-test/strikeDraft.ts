import { draftName } from "../../../formats/kept/draftNames.ts";

/** Draft of why a test is struck out. */
export const strikeDraft = (testId: number): string => draftName("strike-test", testId);
