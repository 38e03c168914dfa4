import type { Reckoning } from "../../calculation/index.ts";
import { workingsOfStep } from "../../workings/index.ts";
import { type JobSoFar, jobStep, reckoned, toMend } from "./step.ts";

const shown = ({ style }: JobSoFar) => workingsOfStep(style, "band");

/** Band, straps, hooks and wires, as far as the style has them. */
export const bandStep = jobStep({
  id: "band",
  key: "s",
  name(job) {
    const own = shown(job);
    if (own.includes("wire")) return "Band and wire";
    return own.includes("band") ? "Band and straps" : "Straps";
  },
  shapes: true,
  appears: (job) => shown(job).length > 0,
  standing(job) {
    const own = shown(job);
    const kept = own.filter((id) => job.entered.kept.includes(id));
    const reckonings: Reckoning[] = kept.map((id) => reckoned(id, job));
    const warnings = reckonings.flatMap((reckoning) => reckoning.warnings);
    if (warnings.length > 0) return toMend(warnings);
    if (kept.length === own.length) return { state: "done", words: "worked out" };
    if (kept.length > 0) return { state: "done", words: `${kept.length} of ${own.length} worked out` };
    return own.includes("band")
      ? { state: "next", words: "not worked out yet" }
      : { state: "done", words: "if it has straps" };
  },
});
