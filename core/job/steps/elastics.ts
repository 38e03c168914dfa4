import { isBoned } from "../../ease/index.ts";
import { jobStep, reckoned, toMend } from "./step.ts";

/** The elastics of every edge. */
export const elasticsStep = jobStep({
  id: "elastics",
  key: "e",
  name: () => "Elastics",
  shapes: true,
  appears: ({ style }) => !isBoned(style),
  standing(job) {
    if (!job.entered.kept.includes("elastics")) return { state: "done", words: "if its edges have any" };
    const { edges, warnings } = reckoned("elastics", job);
    const stale = edges.filter((edge) => edge.stale).length;
    if (stale > 0) return { state: "look", words: stale === 1 ? "1 edge has moved" : `${stale} edges have moved` };
    if (warnings.length > 0) return toMend(warnings);
    const open = edges.filter(({ chosen }) => chosen === null).length;
    if (open > 0) return { state: "missing", words: "something lacking" };
    return { state: "done", words: edges.length === 1 ? "1 edge" : `${edges.length} edges` };
  },
});
