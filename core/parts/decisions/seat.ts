import { type Decision, hasLegs } from "../decision.ts";

const backLeg = (line: string) => ({ briefPieces: { back_leg: line }, onePiecePieces: { back_leg: line } });

/** How much of the seat the back covers. */
export const seat: Decision = {
  id: "seat",
  name: "Bottom, cover of the seat",
  appears: hasLegs,
  options: [
    { id: "fuller", name: "fuller", sets: backLeg("fuller"), line: "the fuller back leg" },
    { id: "plain", name: "plain", sets: backLeg("straight"), line: "the plain back leg" },
    {
      ...{ id: "less", name: "less", sets: backLeg("curved"), line: "the back leg cut in" },
      check: "The back covers enough, walking and sitting: start with the more covered line where in doubt.",
    },
  ],
};
