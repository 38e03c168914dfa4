import { workingsOfStep } from "../../workings/index.ts";
import { jobStep, reckoned } from "./step.ts";

/** The trunk against the pattern, or the rises of what ends at the waist. */
export const torsoStep = jobStep({
  id: "torso",
  key: "t",
  name: () => "Torso",
  shapes: true,
  appears: ({ style }) => workingsOfStep(style, "torso").length > 0,
  standing(job) {
    const { kept } = job.entered;
    if (!workingsOfStep(job.style, "torso").includes("trunk"))
      return { state: "done", words: kept.includes("rise") ? "rises compared" : "rises by the plan" };
    if (!kept.includes("trunk")) return { state: "next", words: "compare the trunk" };
    const { trunk, placements } = reckoned("trunk", job);
    if (!trunk) return { state: "missing", words: "something lacking" };
    if (!trunk.placing.act) return { state: "done", words: "the length agrees" };
    const open = placements.flatMap(({ linked }) => linked).filter(({ ticked }) => !ticked).length;
    const mm = Math.round(trunk.placing.deltaMm);
    const amount = `${mm > 0 ? "+" : "−"}${Math.abs(mm)} mm`;
    if (open > 0) return { state: "look", words: `${amount}, ${open} linked to tick` };
    return { state: "done", words: `${amount}, placed` };
  },
});
