import { girthsOf } from "../measured.ts";
import type { Check } from "./check.ts";

/** The pieces come to the plan within this, mm. */
const GIRTH_MM = 1;

/** At every level that goes all round and along every loop, the pieces come to the planned girth. */
export const girthsSum: Check = {
  id: "girthsSum",
  holds: "At every level the pieces come to the planned girth, within 1 mm.",
  faults: (draft) =>
    girthsOf(draft)
      .girths.filter(({ plannedMm, piecesMm }) => !(Math.abs(plannedMm - piecesMm) <= GIRTH_MM))
      .map(({ level, plannedMm, piecesMm }) => ({
        message: `Expected the pieces to come to ${plannedMm.toFixed(1)} mm at ${level}, within ${GIRTH_MM} mm, but they come to ${piecesMm.toFixed(1)} mm.`,
      })),
};
