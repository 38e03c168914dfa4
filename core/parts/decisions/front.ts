import { type Decision, isWhole } from "../decision.ts";

const neck = (line: string, more: Readonly<Record<string, string>> = {}) => ({
  onePiecePieces: { neck: line, ...more },
});

/** The neckline of a one-piece. */
export const front: Decision = {
  id: "front",
  name: "Front",
  appears: isWhole,
  options: [
    { id: "scoop", name: "scoop", sets: neck("scoop") },
    { id: "straight", name: "straight", sets: neck("straight") },
    { id: "v", name: "V", sets: neck("v"), check: "The V lies flat: it neither gapes nor cuts in at its point." },
    {
      ...{ id: "plungeFuller", name: "plunge, fuller", sets: neck("plunge", { plunge_line: "fuller" }) },
      ...{ line: "the fuller line beside the centre" },
      check: "The plunge covers enough; it can be folded back and tried plainer.",
    },
    {
      ...{ id: "plungePlainer", name: "plunge, plainer", sets: neck("plunge", { plunge_line: "plainer" }) },
      ...{ line: "the plainer line beside the centre" },
      check: "The plainer plunge covers enough, standing and leaning forward: it cannot be added to.",
    },
  ],
};
