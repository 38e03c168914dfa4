import { type Decision, hasLegs, isTop } from "../decision.ts";

/** A strap or a layer that only adorns. */
export const overlay: Decision = {
  id: "overlay",
  name: "Decorative strap or overlay",
  appears: (style) => hasLegs(style) || isTop(style),
  options: [
    { id: "none", name: "none" },
    {
      ...{ id: "now", name: "with the pieces" },
      brings: [{ name: "Overlay", count: 1, role: "overlay", how: "as it is drawn on the front" }],
    },
    {
      ...{ id: "later", name: "after the first fitting" },
      check: "Where the adorning strap or layer lies: pin it on, mark it, and cut it then.",
    },
  ],
};
