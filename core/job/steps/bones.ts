import { isBoned } from "../../ease/index.ts";
import { jobStep, reckoned, toMend } from "./step.ts";

/** Bones and what closes a boned garment. */
export const bonesStep = jobStep({
  id: "bones",
  key: "g",
  name: () => "Bones and closing",
  shapes: true,
  appears: ({ style }) => isBoned(style),
  standing(job) {
    const { bones, warnings, lacks } = reckoned("bones", job);
    if (lacks.length > 0) return { state: "missing", words: "after the panels" };
    if (warnings.length > 0) return toMend(warnings);
    const count = bones.reduce((sum, bone) => sum + bone.count, 0);
    return job.entered.kept.includes("bones")
      ? { state: "done", words: `${count} bones` }
      : { state: "next", words: `${count} by rule, not kept yet` };
  },
});
