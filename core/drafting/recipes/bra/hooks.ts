import { ROWS_MM } from "../../../band/index.ts";
import type { Given } from "../facts.ts";

/** How high a hook tape is, mm: as measured, or by its rows. */
export const hookEndMm = (given: Given): number =>
  given.number("hook_tape") || (ROWS_MM[given.number("hook_rows")] ?? Number.NaN);
