import { workingsOfStep } from "../../workings/index.ts";
import { jobStep, reckoned } from "./step.ts";

/** Room for the bust, darts, cups and labels. */
export const cupsStep = jobStep({
  id: "cups",
  key: "c",
  name: () => "Cups",
  shapes: true,
  appears: ({ style }) => workingsOfStep(style, "cups").length > 0,
  standing(job) {
    const { kept } = job.entered;
    if (reckoned("cup", job).warnings.length > 0) return { state: "look", words: "the sides differ" };
    const { room } = reckoned("bustRoom", job);
    if (room?.verdict === "needed" && !kept.includes("bustRoom")) return { state: "look", words: "room is needed" };
    if (workingsOfStep(job.style, "cups").some((id) => kept.includes(id)))
      return { state: "done", words: "worked out" };
    const bra = workingsOfStep(job.style, "band").includes("band");
    return bra ? { state: "next", words: "not worked out yet" } : { state: "done", words: "if it needs room" };
  },
});
