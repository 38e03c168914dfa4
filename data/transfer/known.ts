import type { JobDocument } from "../../formats/job/jobDocument.ts";
import type { Repositories } from "../store.ts";

/** What is done with a wearer or a cloth of a file that is here already: used, or added beside it as a copy. */
export type KnownAs = "same" | "copy";

/** What of a file is here already, known by the identity it carries. */
export interface KnownHere {
  readonly job: { readonly id: number; readonly name: string } | null;
  readonly wearer: { readonly id: number; readonly name: string } | null;
  readonly cloths: readonly string[];
}

/** Looks up what of a file is here already. */
export async function knownHere(
  { identities, jobs, wearers }: Repositories,
  { job, wearer, cloths }: Pick<JobDocument, "job" | "wearer" | "cloths">,
): Promise<KnownHere> {
  const jobId = job.identity ? await identities.find("jobs", job.identity) : null;
  const wearerId = wearer.identity ? await identities.find("wearers", wearer.identity) : null;
  const here = jobId === null ? null : await jobs.find(jobId);
  const person = wearerId === null ? null : await wearers.find(wearerId);
  const known: string[] = [];
  for (const { identity, name } of cloths) {
    if (identity && (await identities.find("cloths", identity)) !== null) known.push(name);
  }
  return {
    job: here && { id: here.id, name: here.name },
    wearer: person && { id: person.id, name: person.name },
    cloths: known,
  };
}
