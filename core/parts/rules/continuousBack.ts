import { forbidden, type PartRule } from "./rule.ts";

/** Openings that part a back. */
const PARTS_BACK = ["neckTie", "neckHook", "backHook"];

/** A back that rises to join the top is one piece. */
export const continuousBack: PartRule = {
  id: "continuousBack",
  says: ({ back, closure }) =>
    back === "high" && PARTS_BACK.includes(closure)
      ? forbidden(
          "A back that rises to join the top needs a continuous back: no hook and no tie there. Choose another back, no opening, or a zip.",
        )
      : [],
};
