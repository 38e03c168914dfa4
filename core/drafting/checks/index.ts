export type { Check, Fault } from "./check.ts";
export { CHECKS, type CheckAnswer, checkDraft } from "./checks.ts";
export { outlineCloses } from "./outlineCloses.ts";
