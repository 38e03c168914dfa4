import { useSearchParams } from "react-router";
import { withJob } from "./fromJob.ts";
import { LinkButton } from "./LinkButton.tsx";

interface BackToJobProps {
  /** The step of the job one came from. */
  readonly step: "cloth" | "pattern";
}

/** The way back to the job somebody came from, where they came from one: `?job=3`. */
export function BackToJob({ step }: BackToJobProps) {
  const job = withJob(useSearchParams()[0]);
  return job === null ? null : (
    <LinkButton to={`/jobs/${job}/${step}`} variant="outlined">
      Back to the job
    </LinkButton>
  );
}
