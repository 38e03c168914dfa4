import { jobStep } from "./step.ts";

/** A graded pattern's sizes, or a draft of one's own. */
export const patternStep = jobStep({
  id: "pattern",
  key: "5",
  name: () => "Pattern",
  standing: ({ chart }) => ({ state: "done", words: chart ? "from a size chart" : "own draft" }),
});
