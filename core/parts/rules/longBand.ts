import { forbidden, type PartRule } from "./rule.ts";

/** The long line of a band is where a hook takes its end. */
export const longBand: PartRule = {
  id: "longBand",
  says: ({ bandLine, bandClosure }) =>
    bandLine === "long" && bandClosure !== "open" && bandClosure !== "hook"
      ? forbidden(
          "A band is cut to the long line only where a hook replaces the tie or the fold: its end is what the hook takes.",
        )
      : [],
};
