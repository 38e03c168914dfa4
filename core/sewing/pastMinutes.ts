import type { SewingWorking } from "./working.ts";

/** How long each step took in jobs where it is done and was timed, minutes, by its id. */
export function pastMinutes(
  jobs: readonly Pick<SewingWorking, "done" | "spent">[],
): Readonly<Record<string, readonly number[]>> {
  const past: Record<string, number[]> = {};
  for (const { done, spent } of jobs)
    for (const [step, minutes] of Object.entries(spent))
      if (done[step] !== undefined && minutes > 0) {
        const times = past[step] ?? [];
        past[step] = times;
        times.push(minutes);
      }
  return past;
}
