import { isBoned, isComplete } from "../../ease/index.ts";
import { jobStep } from "./step.ts";

/** The school, and every girth by it. */
export const easeStep = jobStep({
  id: "ease",
  key: "4",
  name: () => "Ease plan",
  // Of a boned garment the reduction decides every girth.
  appears: ({ style }) => !isBoned(style),
  standing({ plan: { planned, missing } }) {
    if (!planned || planned.plan.zones.length === 0) return { state: "missing", words: "waits for body and cloth" };
    if (missing.some(({ what }) => what === "school")) return { state: "next", words: "choose a school" };
    if (!isComplete(planned.plan)) return { state: "missing", words: "a zone cannot be planned" };
    if (planned.plan.broken.some(({ limit }) => limit === "mostPressureKpa"))
      return { state: "look", words: "presses hard" };
    return { state: "done", words: "school chosen" };
  },
});
