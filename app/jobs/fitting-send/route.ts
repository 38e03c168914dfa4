import { data } from "react-router";
import { LARGEST_PICTURE, type Picture } from "../../../formats/pictures/picture.ts";
import { found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { bytesOf, inPool } from "../../.server/pool/pool.ts";
import { readJob } from "../../.server/read/jobRecord.ts";
import { readForm } from "../../form/fields.server.ts";
import type { Fields } from "../../form/unsaved.ts";
import { textsOf } from "../../form/unsaved.ts";
import { FITTING_ACTIONS } from "../fitting/actions.server.ts";
import type { Route } from "./+types/route.ts";

/** Keys of sendings, as the queue of a browser makes them. */
const KEY = /^[0-9a-f]{32}$/;

/**
 * Takes a sending of a fitting screen's queue: an action of the fitting page with a key. A key that has come before is
 * answered as then and done once only, in the same transaction as what it did.
 */
export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const number = idFrom(params.number, "prototype");
  const form = await readForm(request);
  const fields: Fields = textsOf(form);
  const key = fields.key ?? "";
  const act = FITTING_ACTIONS.get(fields.intent ?? "");
  if (!KEY.test(key) || !act) return refused({ form: "Expected one of the forms of the fitting page, with its key." });
  const photo = await readPhoto(form.get("photo"), request.signal);
  if (photo && "message" in photo) return refused({ photo: photo.message });
  return storeOf(context).inTransaction(async (repositories) => {
    if ((await repositories.received.find(key)) !== null) return data({ kept: true });
    // The browser is to forget it: 410 is said of nothing else.
    if (await repositories.jobs.wasErased(jobId)) return refused({ form: "This job was erased." }, 410);
    const read = await readJob(repositories, jobId);
    const prototype = found(
      read.prototypes.find((one) => one.number === number),
      "prototype",
    );
    const answer = await act({ repositories, read, prototype, fields, photo, address: "" });
    if (!(answer instanceof Response)) return refused(answer.data.errors, answer.init?.status ?? 400);
    await repositories.received.put(key, "kept", new Date().toISOString());
    return data({ kept: true });
  });
});

const refused = (errors: Readonly<Record<string, string>>, status = 400) => data({ errors }, { status });

async function readPhoto(
  file: FormDataEntryValue | null,
  signal: AbortSignal,
): Promise<Picture | { message: string } | null> {
  if (!(file instanceof File) || file.size === 0) return null;
  if (file.size > LARGEST_PICTURE) {
    return {
      message: `Expected a picture up to ${LARGEST_PICTURE / 1e6} MB, but it has ${(file.size / 1e6).toFixed(1)} MB.`,
    };
  }
  const bytes = await bytesOf(file);
  const picture = await inPool("readPhoto", { bytes }, { hand: [bytes], signal });
  return picture.ok ? picture.value : { message: picture.problem.message };
}
