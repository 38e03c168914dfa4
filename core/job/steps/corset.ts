import { isBoned } from "../../ease/index.ts";
import { jobStep, reckoned } from "./step.ts";

/** How much smaller than the body a boned garment closes. */
export const corsetStep = jobStep({
  id: "corset",
  key: "r",
  name: () => "Reduction",
  shapes: true,
  appears: ({ style }) => isBoned(style),
  standing(job) {
    if (!job.entered.kept.includes("corset")) return { state: "next", words: "not decided yet" };
    const { plan, warnings } = reckoned("corset", job);
    if (!plan) return { state: "missing", words: "something lacking" };
    if (plan.caution === "stop") return { state: "look", words: "stop: more than the body offers" };
    if (warnings.length > 0)
      return { state: "look", words: warnings.length === 1 ? "1 caution" : `${warnings.length} cautions` };
    return { state: "done", words: "decided" };
  },
});
