import { SPOTS } from "../spots.ts";
import type { FindingKind } from "./findingKind.ts";

/** Signs at which a garment comes off at once. */
export const STOP_SIGNS = [
  { id: "pain", label: "pain" },
  { id: "numbness", label: "numbness" },
  { id: "tingling", label: "tingling" },
  { id: "breathless", label: "breathlessness" },
] as const;

/** How it feels, in the wearer's words. */
export const comfort: FindingKind = {
  id: "comfort",
  name: "Comfort",
  sees: "How it feels there, from 1 (cannot bear it) to 5 (forgets it).",
  spots: SPOTS.map(({ id }) => id),
  amount: null,
  fields: [
    {
      id: "score",
      label: "How it feels",
      type: "choice",
      choices: ["1", "2", "3", "4", "5"].map((value) => ({ value, label: value })),
      needed: true,
    },
    ...STOP_SIGNS.map(({ id, label }) => ({ id, label, type: "tick" as const, needed: false })),
  ],
  effect: "note",
  strain: "free",
  answer: ({ detail }) => {
    const signs = STOP_SIGNS.filter(({ id }) => detail[id] === "yes").map(({ label }) => label);
    return {
      remedies: [],
      cautions:
        signs.length > 0
          ? [`${signs.join(", ")}: take it off at once. If it does not pass quickly, the wearer asks a clinician.`]
          : [],
    };
  },
};
