import type { Given } from "../facts.ts";

/** Height of a hook tape a row, mm, where it was not measured. */
const ROW_MM = 19;

/** How high a hook tape is, mm: as measured, or by its rows. */
export const hookEndMm = (given: Given): number => given.number("hook_tape") || given.number("hook_rows") * ROW_MM;
