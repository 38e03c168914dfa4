export { eraseJobs, type UnderJobs, underJobs } from "./eraseJobs.ts";
export { type JobRepository, jobRepository, type ListedJob } from "./jobs.ts";
export { type StandingRepository, standingRepository } from "./standing.ts";
export type { JobUnderWay, UnderWay } from "./underWay.ts";
export {
  bareWorkings,
  type KeptWorkings,
  keptIds,
  type WorkingRepository,
  workingRepository,
  workingsKept,
} from "./workings.ts";
