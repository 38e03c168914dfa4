import { type Decision, hasLegs } from "../decision.ts";

const raise = (mm: number) => ({ briefPieces: { leg_raise: mm }, onePiecePieces: { leg_raise: mm } });

/** How high the leg line goes at the side. */
export const leg: Decision = {
  id: "leg",
  name: "Leg line",
  appears: hasLegs,
  options: [
    { id: "low", name: "low", sets: raise(15), line: "the low leg line" },
    { id: "mid", name: "mid", sets: raise(40), line: "the mid leg line" },
    {
      ...{ id: "high", name: "high", sets: raise(80), line: "the high leg line" },
      check: "The high leg covers enough: start lower where in doubt, it can be folded back and tried.",
    },
  ],
};
