import { isComplete } from "../ease/index.ts";
import type { MissingThing, PlannedJob } from "./planJob.ts";

/** Steps of a job in the order of the work. */
export type StepId = "body" | "cloth" | "ease" | "pattern" | "torso" | "cups" | "band" | "prototypes";

/** Where a step stands: finished for this job, lacking something, or worth another look. */
export type StepState = "done" | "missing" | "look" | "next";

/** One step with what to say about it. */
export interface Step {
  readonly id: StepId;
  readonly name: string;
  readonly state: StepState;
  readonly words: string;
}

/** What the steps are judged from beside the plan. */
export interface JobProgress {
  readonly prototypeCount: number;
  readonly openFindings: number;
  readonly signedOff?: boolean;
  /** True where the plan from body and cloth is no longer what the last prototype froze. */
  readonly movedOn: boolean;
  /** True where a graded pattern's size chart was chosen. */
  readonly chart: boolean;
  /** Steps between pattern and prototypes that the style needs. */
  readonly further?: readonly Step[];
}

/** The order of the work for one job: what is done, what is missing, what wants another look. */
export function stepsOf({ planned, missing }: PlannedJob, progress: JobProgress): Step[] {
  return [
    { id: "body", name: "Body", ...bodyStep(missing) },
    { id: "cloth", name: "Cloth", ...clothStep(missing, planned) },
    { id: "ease", name: "Ease plan", ...easeStep(missing, planned) },
    { id: "pattern", name: "Pattern", state: "done", words: progress.chart ? "from a size chart" : "own draft" },
    ...(progress.further ?? []),
    { id: "prototypes", name: "Prototypes", ...prototypeStep(planned, missing, progress) },
  ];
}

/** Where a step stands, and what to say about it. */
export type Standing = Pick<Step, "state" | "words">;

function bodyStep(missing: readonly MissingThing[]): Standing {
  if (missing.some(({ what }) => what === "sheet")) return { state: "missing", words: "no sheet yet" };
  const count = missing.filter(({ what }) => what === "measure").length;
  if (count === 0) return { state: "done", words: "all measures taken" };
  return { state: "missing", words: count === 1 ? "1 measure missing" : `${count} measures missing` };
}

function clothStep(missing: readonly MissingThing[], planned: PlannedJob["planned"]): Standing {
  if (missing.some(({ what }) => what === "cloth")) return { state: "missing", words: "no cloth yet" };
  const test = missing.find((thing) => thing.what === "test");
  if (test?.what === "test") return { state: "missing", words: `no test ${test.direction}` };
  if (planned?.plan.belowLeastStretch) return { state: "look", words: "stretches little for this style" };
  if (planned?.stretch.willBag) return { state: "look", words: "will bag" };
  return { state: "done", words: "tested" };
}

function easeStep(missing: readonly MissingThing[], planned: PlannedJob["planned"]): Standing {
  if (!planned || planned.plan.zones.length === 0) return { state: "missing", words: "waits for body and cloth" };
  if (missing.some(({ what }) => what === "school")) return { state: "next", words: "choose a school" };
  if (!isComplete(planned.plan)) return { state: "missing", words: "a zone cannot be planned" };
  if (planned.plan.broken.some(({ limit }) => limit === "mostPressureKpa"))
    return { state: "look", words: "presses hard" };
  return { state: "done", words: "school chosen" };
}

function prototypeStep(
  planned: PlannedJob["planned"],
  missing: readonly MissingThing[],
  { prototypeCount, openFindings, movedOn, signedOff = false }: JobProgress,
): Standing {
  if (signedOff) return { state: "done", words: "signed off" };
  if (openFindings > 0)
    return { state: "look", words: openFindings === 1 ? "1 finding open" : `${openFindings} findings open` };
  if (movedOn) return { state: "look", words: "the plan has moved on" };
  if (prototypeCount > 0) return { state: "done", words: prototypeCount === 1 ? "1 made" : `${prototypeCount} made` };
  const ready = planned && isComplete(planned.plan) && !missing.some(({ what }) => what === "school");
  return ready ? { state: "next", words: "ready for the first" } : { state: "missing", words: "waits for the plan" };
}
