import { jobStep } from "./step.ts";

/** The sheet the plan is made from. */
export const bodyStep = jobStep({
  id: "body",
  key: "2",
  name: () => "Body",
  standing({ plan: { missing } }) {
    if (missing.some(({ what }) => what === "sheet")) return { state: "missing", words: "no sheet yet" };
    const count = missing.filter(({ what }) => what === "measure").length;
    if (count === 0) return { state: "done", words: "all measures taken" };
    return { state: "missing", words: count === 1 ? "1 measure missing" : `${count} measures missing` };
  },
});
