import { decisionsOf } from "../../parts/index.ts";
import { jobStep, reckoned } from "./step.ts";

/** What the garment is made of: its parts, and every piece to cut. */
export const partsStep = jobStep({
  id: "parts",
  key: "a",
  name: () => "Parts",
  appears: ({ style }) => decisionsOf(style).length > 0,
  standing(job) {
    if (!job.entered.kept.includes("parts")) return { state: "done", words: "not chosen yet" };
    const { verdicts, rows, otherwise } = reckoned("parts", job);
    const against = verdicts.filter(({ kind }) => kind === "forbidden").length;
    if (against > 0)
      return { state: "look", words: against === 1 ? "1 does not go together" : `${against} do not go together` };
    if (otherwise.length > 0) return { state: "look", words: "pieces drawn otherwise" };
    const { cut, without } = job.entered.workings.parts;
    const wanted = rows.filter(({ id }) => !without.includes(id));
    const done = wanted.filter(({ id }) => cut.includes(id)).length;
    return { state: "done", words: done > 0 ? `${done} of ${wanted.length} cut` : `${wanted.length} pieces` };
  },
});
