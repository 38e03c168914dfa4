import { isBoned } from "../../ease/index.ts";
import { jobStep, reckoned } from "./step.ts";

/** A boned garment closed on the body or the form, and worn. */
export const wearStep = jobStep({
  id: "wear",
  key: "l",
  name: () => "Lacing and wear",
  appears: ({ style }) => isBoned(style),
  standing(job) {
    const { gaps, wears, warnings, laced } = reckoned("wear", job);
    if (warnings.length > 0) return { state: "look", words: "stop and look" };
    const last = gaps.at(-1);
    if (last && !last.good) return { state: "look", words: laced ? "gap not as wanted" : "does not close" };
    if (wears.length > 0) return { state: "done", words: wears.length === 1 ? "1 wear" : `${wears.length} wears` };
    return { state: "done", words: last ? (laced ? "gap as wanted" : "closes") : "not closed yet" };
  },
});
