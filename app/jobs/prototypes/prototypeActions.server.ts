import { redirect } from "react-router";
import { decidedChanges, holdsBack, isTaken, jobChanges, ownFromStanding, toCut } from "../../../core/fitting/index.ts";
import { freezePlan, piecesOfNext, stillAsCut } from "../../../core/job/index.ts";
import { workingsKept } from "../../../data/jobs/index.ts";
import type { Store } from "../../../data/store.ts";
import { found, idFrom, invalid, today } from "../../.server/http/answers.ts";
import { readJob } from "../../.server/read/jobRecord.ts";
import { bareFacts } from "../../.server/read/workingContext.ts";
import type { Fields } from "../../form/unsaved.ts";
import { readNewPrototype } from "../prototype/prototypeForm.server.ts";
import { newPrototypeDraft } from "./newPrototypeDraft.ts";

/** Starts the next prototype with the plan as it is now; refused with what holds it back. */
export async function startPrototype(jobId: number, fields: Fields, store: Store) {
  const form = readNewPrototype(fields, today());
  if (!form.ok) return invalid(fields, form.errors);
  return store.inTransaction(async (repositories) => {
    const read = await readJob(repositories, jobId);
    if (read.job.signedOff)
      return invalid(fields, { form: "This job is signed off: no further prototype is started." });
    const held = toCut(jobChanges(read.fittings, read.ownChanges)).filter(({ change }) => holdsBack(change));
    const { kind, startedOn, number: shown, override } = form.value;
    if (held.length > 0 && override === "") {
      return invalid(fields, {
        override: "Expected why it may be cut with linked pieces unticked, but the field is empty.",
      });
    }
    for (const { change } of held) {
      const { changes } = repositories;
      if (!(await changes.saveLinked(jobId, change, change.linked, override))) {
        return invalid(fields, {
          form: "A change was decided otherwise meanwhile, in another window. Look at it again.",
        });
      }
    }
    const workings = workingsKept(await repositories.workings.ofJob(jobId));
    const changes = decidedChanges(read.fittings, read.ownChanges);
    const frozen = freezePlan({ ...read, workings }, read.planned, { wearerName: read.wearer.name, changes });
    if (!frozen.ok) return invalid(fields, { form: frozen.problem.message });
    const last = read.prototypes.at(-1);
    const pieces = piecesOfNext(bareFacts(read), {
      before: last ? await repositories.pieces.ofPrototype(last.id) : [],
      changes: jobChanges(read.fittings, read.ownChanges).map(({ change }) => change),
      frozen: frozen.value,
    });
    const number = await repositories.prototypes.start({
      jobId,
      number: shown,
      kind,
      startedOn,
      frozen: stillAsCut(frozen.value, pieces),
    });
    if (number === null) {
      return invalid(fields, {
        form: `Prototype ${shown} was started meanwhile, in another window. It stands in the list.`,
      });
    }
    const started = found(await repositories.prototypes.find(jobId, number), "prototype");
    if (!(await repositories.pieces.add(started.id, pieces)))
      throw new Error("A prototype just started has no pieces.");
    await repositories.drafts.drop(newPrototypeDraft(jobId));
    return redirect(`/jobs/${jobId}/prototypes/${number}`);
  });
}

/** Takes a standing change of the wearer, or of the pattern, into this job as a change of its own. */
export function takeStanding(jobId: number, fields: Fields, store: Store) {
  return store.inTransaction(async (repositories) => {
    const read = await readJob(repositories, jobId);
    const offered = await repositories.standing.forJob(read.wearer.id, read.job.chartId);
    const id = idFrom(fields.standing, "standing change");
    const standing = found(
      offered.find((one) => one.id === id),
      "standing change",
    );
    if (!isTaken(standing, read.ownChanges)) {
      const layers = read.planned.planned?.layers.map(({ cloth }) => ({ name: cloth.name })) ?? [];
      await repositories.changes.addOwn(jobId, ownFromStanding(standing, layers));
    }
    return redirect(`/jobs/${jobId}/prototypes`);
  });
}
