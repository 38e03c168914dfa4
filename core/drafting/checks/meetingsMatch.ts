import { runLength } from "../measured.ts";
import type { Check } from "./check.ts";
import { startOf } from "./where.ts";

/** Edges sewn along one another may differ by this in all, mm. */
const MEETING_MM = 1;

/** Where edges of several pieces are sewn along those of others, both come to one length: the cup meets its channel. */
export const meetingsMatch: Check = {
  id: "meetingsMatch",
  holds: `Edges sewn along several others are as long as those together, within ${MEETING_MM} mm.`,
  faults: (draft) =>
    (draft.meetings ?? [])
      .map((meeting) => ({
        ...meeting,
        firstMm: runLength(draft, meeting.first),
        secondMm: runLength(draft, meeting.second),
      }))
      .filter(({ firstMm, secondMm }) => !(Math.abs(firstMm - secondMm) <= MEETING_MM))
      .map(({ name, first, firstMm, secondMm }) => ({
        ...startOf(draft, first),
        message: `Expected both sides of the ${name} to be as long, within ${MEETING_MM} mm, but they are ${firstMm.toFixed(1)} and ${secondMm.toFixed(1)} mm.`,
      })),
};
