import { jobStep, reckoned } from "./step.ts";

/** What the seams need, and what was tried for them. */
export const seamsStep = jobStep({
  id: "seams",
  key: "n",
  name: () => "Seams",
  standing(job) {
    const { trials, inUse, seams } = reckoned("seams", job);
    if (trials.length === 0) return { state: "done", words: "no trial yet" };
    if (!inUse) return { state: "next", words: trials.length === 1 ? "1 trial" : `${trials.length} trials` };
    const failing = seams.filter(({ verdict }) => verdict === "fail").length;
    if (failing > 0) return { state: "look", words: failing === 1 ? "1 seam too weak" : `${failing} seams too weak` };
    return { state: "done", words: `trial ${inUse.trial.id} holds` };
  },
});
