import { jobStep, reckoned } from "./step.ts";

/** The order it is sewn in, and how far that is. */
export const sewingStep = jobStep({
  id: "sewing",
  key: "o",
  name: () => "Sewing",
  standing(job) {
    if (!job.entered.kept.includes("sewing")) return { state: "done", words: "in its usual order" };
    const { rows, next, warnings } = reckoned("sewing", job);
    if (warnings.length > 0) return { state: "look", words: "closed before its time" };
    if (next) return { state: "next", words: next.name.toLowerCase() };
    return { state: "done", words: `${rows.length} steps done` };
  },
});
