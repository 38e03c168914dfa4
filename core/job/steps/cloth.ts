import { jobStep } from "./step.ts";

/** The cloth or the layers, and their tests. */
export const clothStep = jobStep({
  id: "cloth",
  key: "3",
  name: () => "Cloth",
  standing({ plan: { planned, missing } }) {
    if (missing.some(({ what }) => what === "cloth")) return { state: "missing", words: "no cloth yet" };
    const test = missing.find((thing) => thing.what === "test");
    if (test?.what === "test") return { state: "missing", words: `no test ${test.direction}` };
    if (planned?.plan.belowLeastStretch) return { state: "look", words: "stretches little for this style" };
    if (planned?.stretch.willBag) return { state: "look", words: "will bag" };
    return { state: "done", words: "tested" };
  },
});
