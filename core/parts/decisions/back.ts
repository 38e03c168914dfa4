import { type Decision, isWhole } from "../decision.ts";

const back_ = (line: string) => ({ onePiecePieces: { back: line } });

/** The back of a one-piece. */
export const back: Decision = {
  id: "back",
  name: "Back",
  appears: isWhole,
  options: [
    { id: "scoop", name: "scoop", sets: back_("scoop") },
    { id: "straps", name: "U with straps", sets: back_("straps") },
    { id: "high", name: "high, rises to join the top", sets: back_("high") },
    {
      ...{ id: "halter", name: "halter", sets: back_("halter") },
      check: "The halter holds without pulling at the neck; its knot stays tied when wet.",
    },
  ],
};
