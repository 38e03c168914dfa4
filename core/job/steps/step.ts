import type { Style } from "../../ease/index.ts";
import type { Reckonings, WorkingFacts, WorkingId, Workings } from "../../workings/index.ts";
import { reckonWorking } from "../../workings/index.ts";
import type { PlannedJob } from "../planJob.ts";

/** Where a step stands: finished for this job, lacking something, or worth another look. */
export type StepState = "done" | "missing" | "look" | "next";

/** Where a step stands, and what to say about it. */
export interface Standing {
  readonly state: StepState;
  readonly words: string;
  /** What the words count, one by one; left out where they say it. */
  readonly things?: readonly string[];
}

/** A step with something to mend, which is told one by one. */
export const toMend = (things: readonly string[]): Standing => ({
  state: "look",
  words: things.length === 1 ? "1 thing to mend" : `${things.length} things to mend`,
  things,
});

/** What is known of a job's prototypes. */
export interface JobProgress {
  readonly prototypeCount: number;
  readonly openFindings: number;
  readonly signedOff: boolean;
  /** True where the plan from body and cloth is no longer what the last prototype froze. */
  readonly movedOn: boolean;
}

/** What the maker entered for the calculations of a job, and which of them were kept. */
export interface WorkingsSoFar {
  readonly workings: Workings;
  readonly kept: readonly WorkingId[];
  readonly facts: WorkingFacts;
}

/** All that the steps of a job are judged from. */
export interface JobSoFar {
  readonly style: Pick<Style, "lengths" | "zones" | "family">;
  readonly plan: PlannedJob;
  /** True where a graded pattern's size chart was chosen. */
  readonly chart: boolean;
  readonly entered: WorkingsSoFar;
  readonly progress: JobProgress;
}

/** One step of the work: adding one is adding a file and a line in the index. */
export interface JobStep<Id extends string = string> {
  readonly id: Id;
  /** The key that leads to it, one sign; "1" is the overview, and letters of the whole application are taken. */
  readonly key: string;
  /** How it is called for this job. */
  name(job: JobSoFar): string;
  /** True where the job's style needs it; left out for steps of every job. */
  appears?(job: JobSoFar): boolean;
  /** Steps whose open ends are named before a prototype is started: what is worked out there shapes the garment. */
  readonly shapes?: true;
  standing(job: JobSoFar): Standing;
}

/** A step whose id is told by it. */
export const jobStep = <const Id extends string>(own: JobStep<Id>): JobStep<Id> => own;

/** What one calculation comes to with what was entered so far. */
export const reckoned = <Id extends WorkingId>(
  id: Id,
  { entered: { workings, facts } }: Pick<JobSoFar, "entered">,
): Reckonings[Id] => reckonWorking(id, workings[id], facts[id]);
