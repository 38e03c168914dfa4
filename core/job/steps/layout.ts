import { LAYOUT_IDS } from "../../layout/index.ts";
import { PIECES_IDS } from "../../pieces/index.ts";
import { jobStep } from "./step.ts";

/** The pieces laid on their cloth: how much of it is needed. */
export const layoutStep = jobStep({
  id: "layout",
  key: "y",
  name: () => "Cloth needed",
  standing({ entered: { kept, workings } }) {
    const laid = LAYOUT_IDS.filter((id) => workings[id].best !== null);
    if (laid.length > 0) return { state: "done", words: laid.length === 1 ? "laid out" : `${laid.length} laid out` };
    return PIECES_IDS.some((id) => kept.includes(id))
      ? { state: "done", words: "not laid out" }
      : { state: "done", words: "after the pieces" };
  },
});
