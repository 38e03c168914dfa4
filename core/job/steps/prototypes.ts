import { isComplete } from "../../ease/index.ts";
import { jobStep } from "./step.ts";

/** What was made up so far, what was found on it, and the sign-off. */
export const prototypesStep = jobStep({
  id: "prototypes",
  key: "6",
  name: () => "Prototypes",
  standing({ plan: { planned, missing }, progress: { prototypeCount, openFindings, movedOn, signedOff } }) {
    if (signedOff) return { state: "done", words: "signed off" };
    if (openFindings > 0)
      return { state: "look", words: openFindings === 1 ? "1 finding open" : `${openFindings} findings open` };
    if (movedOn) return { state: "look", words: "the plan has moved on" };
    if (prototypeCount > 0) return { state: "done", words: prototypeCount === 1 ? "1 made" : `${prototypeCount} made` };
    const ready = planned && isComplete(planned.plan) && !missing.some(({ what }) => what === "school");
    return ready ? { state: "next", words: "ready for the first" } : { state: "missing", words: "waits for the plan" };
  },
});
