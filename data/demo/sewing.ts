import { NEW_SEWING, type SewingWorking } from "../../core/sewing/index.ts";
import { savedOrThrow } from "../db/index.ts";
import type { Repositories } from "../store.ts";

/** Keeps how far a job is sewn: steps that are done, each with its minutes, on one day; what is not named is as usual. */
export async function keepSewing(
  { workings }: Pick<Repositories, "workings">,
  jobId: number,
  day: string,
  minutes: Readonly<Record<string, number>>,
  own: Partial<SewingWorking> = {},
): Promise<void> {
  const done = Object.fromEntries(
    Object.keys(minutes).map((step, at) => [step, `${day}T${String(9 + at).padStart(2, "0")}:00:00.000Z`]),
  );
  const working = { ...NEW_SEWING, done, spent: minutes, ...own };
  savedOrThrow(await workings.save(jobId, "sewing", { working, texts: {}, version: 0 }));
}
