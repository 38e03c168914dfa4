import { type Decision, isTop } from "../decision.ts";

/** Which line a band piece with two ends is cut to. */
export const bandLine: Decision = {
  id: "bandLine",
  name: "Band cut to",
  appears: isTop,
  options: [
    { id: "short", name: "the short line", line: "the short line of the band" },
    { id: "long", name: "the long line", line: "the long line of the band" },
  ],
};
