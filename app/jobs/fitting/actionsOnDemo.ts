import { beforeEach } from "vitest";
import type { Store } from "../../../data/store.ts";
import { demoInMemory } from "../../../data/testing/index.ts";
import { found } from "../../.server/http/answers.ts";
import { readJob } from "../../.server/read/jobRecord.ts";
import type { Fields } from "../../form/unsaved.ts";
import { FITTING_ACTIONS } from "./actions.server.ts";

/** The store of the test that runs. */
export let store: Store;

/** Makes the demo workshop anew for each test of the file that asks for it. */
export function openDemoForEachTest(): void {
  beforeEach(async () => {
    store = await demoInMemory();
    return () => store.close();
  });
}

/** Runs an action as the page does: in one transaction, on the job as it stands. */
export async function act(
  jobId: number,
  number: number,
  fields: Fields,
): Promise<{ status: number; location: string | null; errors: Record<string, string> }> {
  const action = FITTING_ACTIONS.get(fields.intent ?? "");
  if (!action) throw new Error(`There is no action ${fields.intent}.`);
  const answer = await store.inTransaction(async (repositories) => {
    const read = await readJob(repositories, jobId);
    const prototype = found(
      read.prototypes.find((one) => one.number === number),
      "prototype",
    );
    return action({ repositories, read, prototype, fields, photo: null, address: "/fitting" });
  });
  if (answer instanceof Response)
    return { status: answer.status, location: answer.headers.get("Location"), errors: {} };
  const { data, init } = answer as { data: { errors: Record<string, string> }; init: { status: number } };
  return { status: init.status, location: null, errors: data.errors };
}

/** What the demo's record holds by now. */
export const fittingsOf = async (jobId: number) => {
  const prototypes = await store.prototypes.ofJob(jobId);
  return store.fittings.ofPrototypes(prototypes.map(({ id }) => id));
};
/** All findings of a job by now. */
export const findingsOf = async (jobId: number) => (await fittingsOf(jobId)).flatMap(({ findings }) => findings);

/** The fitting of the demo's second job, whose findings wait. */
export async function waiting() {
  const [fitting] = await fittingsOf(2);
  const [first, second] = await findingsOf(2);
  if (!fitting || !first || !second) throw new Error("The demo's second job has two findings.");
  return { fitting: String(fitting.id), first, second };
}
