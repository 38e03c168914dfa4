import { redirect } from "react-router";
import { jobChanges } from "../../../core/fitting/index.ts";
import { frozenFacts, piecesOfNext } from "../../../core/job/index.ts";
import { workingsKept } from "../../../data/jobs/index.ts";
import type { Store } from "../../../data/store.ts";
import { found, invalid } from "../../.server/http/answers.ts";
import { readJob } from "../../.server/read/jobRecord.ts";
import { bareFacts } from "../../.server/read/workingContext.ts";
import type { Fields } from "../../form/unsaved.ts";

/**
 * Gives a prototype that was made without pieces those of the options kept at the step Pieces: drawn from the body, style
 * and girths it froze with every change it carries in. Its record stays as it is.
 */
export function givePieces(jobId: number, number: number, fields: Fields, store: Store) {
  return store.inTransaction(async (repositories) => {
    const read = await readJob(repositories, jobId);
    const { frozen, id } = found(
      read.prototypes.find((one) => one.number === number),
      "prototype",
    );
    if ((await repositories.pieces.having([id])).has(id))
      return invalid(fields, {
        form: "This prototype was given pieces meanwhile, in another window. They stand below.",
      });
    const workings = workingsKept(await repositories.workings.ofJob(jobId));
    const facts = bareFacts(read);
    const pieces = piecesOfNext(frozenFacts(frozen, facts.beside, facts.stretch), {
      before: [],
      changes: jobChanges(read.fittings, read.ownChanges).map(({ change }) => change),
      frozen: { ...frozen, workings },
    });
    if (pieces.length === 0)
      return invalid(fields, {
        form: "Expected options of a recipe kept at the step Pieces, and all that it is drawn from, but nothing can be drawn yet.",
      });
    if (!(await repositories.pieces.add(id, pieces))) throw new Error("A prototype without pieces takes some.");
    return redirect(`/jobs/${jobId}/prototypes/${number}/pieces`);
  });
}
