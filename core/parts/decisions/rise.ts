import { type Decision, isBottom } from "../decision.ts";

/** How far below the waist each rise ends at front, back and side, mm. */
export const RISE_DROPS = {
  high: { waist_drop_front: 0, waist_drop_back: 0, waist_drop_side: 0 },
  mid: { waist_drop_front: 50, waist_drop_back: 40, waist_drop_side: 45 },
  low: { waist_drop_front: 95, waist_drop_back: 75, waist_drop_side: 85 },
} as const;

/** Where a bottom ends above. */
export const rise: Decision = {
  id: "rise",
  name: "Rise",
  appears: isBottom,
  options: [
    { id: "high", name: "high", sets: { briefPieces: RISE_DROPS.high }, line: "the high rise" },
    { id: "mid", name: "mid", sets: { briefPieces: RISE_DROPS.mid }, line: "the mid rise" },
    {
      ...{ id: "low", name: "low", sets: { briefPieces: RISE_DROPS.low }, line: "the low rise" },
      check: "The low rise stays up, bending and sitting down.",
    },
  ],
};
