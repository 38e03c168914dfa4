import { type Decision, hasLegs, isTop } from "../decision.ts";

/** What is lined. */
export const lining: Decision = {
  id: "lining",
  name: "Lining",
  appears: (style) => hasLegs(style) || isTop(style),
  options: [
    { id: "none", name: "none" },
    {
      ...{ id: "front", name: "the front" },
      brings: [{ name: "Front lining", count: 1, role: "lining", how: "as the front" }],
    },
    {
      ...{ id: "whole", name: "all of it" },
      brings: [
        { name: "Front lining", count: 1, role: "lining", how: "as the front" },
        { name: "Back lining", count: 1, role: "lining", how: "as the back" },
      ],
    },
    {
      ...{ id: "reversible", name: "none, worn both ways round" },
      brings: [
        { name: "Front, other side", count: 1, role: "shell", how: "as the front" },
        { name: "Back, other side", count: 1, role: "shell", how: "as the back" },
      ],
      check: "Worn the other way round, no seam of the gusset shows.",
    },
  ],
};
