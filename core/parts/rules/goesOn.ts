import { ZONE_NAMES } from "../../ease/index.ts";
import { asks, type PartRule } from "./rule.ts";

/** Without any opening the check of pulling on has the word. */
export const goesOn: PartRule = {
  id: "goesOn",
  says(choices, { pullOn }) {
    const without = [choices.closure, choices.waist, choices.bandClosure].some((one) =>
      ["none", "elastic", "casing", "pullOn"].includes(one),
    );
    if (!without) return [];
    const held = pullOn.filter(({ verdict }) => verdict !== "goes");
    if (held.length === 0) return [];
    const words = held.map(
      ({ ring, verdict, shortfallMm }) =>
        `${ZONE_NAMES[ring].toLowerCase()} ${verdict === "hard" ? "hardly" : `lacks ${Math.round(shortfallMm)} mm`}`,
    );
    return asks(
      `Without an opening it is allowed, but pulling on has the word: ${words.join(", ")}. See the ease plan.`,
    );
  },
};
