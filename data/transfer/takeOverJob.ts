import { ok, type Result } from "../../core/result.ts";
import type { JobDocument } from "../../formats/job/jobDocument.ts";
import type { Repositories } from "../store.ts";
import { assertImported } from "./assertImported.ts";
import { importJob } from "./jobImport.ts";
import type { KnownAs } from "./known.ts";
import { refuseUnkeepable } from "./refuseUnkeepable.ts";

/**
 * Takes a job over from a file as {@link importJob} does, and holds it against its file.
 * @returns the id of the new job; `file-not-keepable`, or problems as {@link assertImported}.
 */
export const takeOverJob = (
  all: Repositories,
  document: JobDocument,
  known: KnownAs,
  forWearer?: number,
): Promise<Result<number>> =>
  refuseUnkeepable(async () => {
    const id = await importJob(all, document, known, forWearer);
    const whole = await assertImported(all, id, document);
    return whole.ok ? ok(id) : whole;
  });
