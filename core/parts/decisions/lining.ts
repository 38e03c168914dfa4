import { type Decision, hasLegs, isTop, type PartOption } from "../decision.ts";

/** The same answer for whatever is drawn of a garment. */
const drawn = (answer: string): PartOption["sets"] =>
  Object.fromEntries(
    (["briefPieces", "onePiecePieces", "softBraPieces", "wiredBraPieces"] as const).map((id) => [
      id,
      { lining: answer },
    ]),
  );

/** What is lined. */
export const lining: Decision = {
  id: "lining",
  name: "Lining",
  appears: (style) => hasLegs(style) || isTop(style),
  options: [
    { id: "none", name: "none", sets: drawn("none") },
    {
      ...{ id: "front", name: "the front", sets: drawn("front") },
      brings: [{ name: "Front lining", count: 1, role: "lining", how: "as the front" }],
    },
    {
      ...{ id: "whole", name: "all of it", sets: drawn("whole") },
      brings: [
        { name: "Front lining", count: 1, role: "lining", how: "as the front" },
        { name: "Back lining", count: 1, role: "lining", how: "as the back" },
      ],
    },
    {
      ...{ id: "reversible", name: "none, worn both ways round", sets: drawn("reversible") },
      brings: [
        { name: "Front, other side", count: 1, role: "shell", how: "as the front" },
        { name: "Back, other side", count: 1, role: "shell", how: "as the back" },
      ],
      check: "Worn the other way round, no seam of the gusset shows.",
    },
  ],
};
