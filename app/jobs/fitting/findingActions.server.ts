import { redirect } from "react-router";
import { jobChanges, spotsOf } from "../../../core/fitting/index.ts";
import { startedFrom } from "../../.server/http/answerEdit.ts";
import { conflict, found, idFrom, invalid } from "../../.server/http/answers.ts";
import { learnedFor } from "../../.server/read/learnedShares.ts";
import { conflictRow } from "../../form/unsaved.ts";
import { readDecision } from "./decisionForm.server.ts";
import { draftNames } from "./draftNames.ts";
import { type Action, closed, findingOf, fittingOf, stale } from "./fittingAction.server.ts";
import { readFinding } from "./fittingForm.server.ts";
import { readJudgement } from "./judgementForm.server.ts";
import { judgementKey } from "./judgementKey.ts";
import { reopenRecipes } from "./reopenRecipes.server.ts";
import { withStretchedPart } from "./stretchedPart.server.ts";

/** Puts a finding on the record, or changes one that is on it. */
export const putFinding: Action = async (work) => {
  const { repositories, read, fields, address } = work;
  const fitting = fittingOf(work);
  const finding = readFinding(fields, spotsOf(read.style));
  if (!finding.ok) return invalid(fields, finding.errors);
  const filled = { ...(await withStretchedPart(work, finding.value)), fittingId: fitting.id };
  await repositories.drafts.drop(draftNames.finding(fitting.id));
  if (!fields.finding) {
    const id = await repositories.fittings.addFinding(filled);
    if (filled.kind === "seam_popped") await reopenRecipes(repositories, read.job);
    if (work.photo) await repositories.fittings.addPhoto(fitting.id, id, work.photo);
    return redirect(address);
  }
  const { finding: before, on } = findingOf(work);
  if (on.closedOn !== null) return closed(fields);
  const outcome = await repositories.fittings.saveFinding({
    ...filled,
    id: before.id,
    version: startedFrom(fields),
  });
  if (outcome.saved) {
    if (work.photo) await repositories.fittings.addPhoto(fitting.id, before.id, work.photo);
    return redirect(address);
  }
  return outcome.theirs
    ? conflict(fields, outcome.theirs.version, [
        conflictRow(fields, "amount", "Amount", outcome.theirs.amountText),
        conflictRow(fields, "note", "Note", outcome.theirs.note),
      ])
    : stale(fields);
};

/** Takes a finding off; it can be brought back. */
export const removeFinding: Action = async (work) => {
  const { finding, on } = findingOf(work);
  if (on.closedOn !== null) return closed(work.fields);
  const gone = await work.repositories.fittings.setFindingRemoved(finding.id, true);
  return gone ? redirect(`${work.address}?removed=finding-${finding.id}`) : stale(work.fields);
};

/** Keeps the maker's word on a finding. */
export const decide: Action = async (work) => {
  const { finding, on } = findingOf(work);
  const learned = await learnedFor(work.repositories, on);
  const decision = readDecision(work.fields, { finding, prototype: on, learned });
  if (!decision.ok) return invalid(work.fields, decision.errors);
  const { changes } = work.repositories;
  const outcome = await changes.decide(work.read.job.id, { findingId: finding.id, ...decision.value });
  if (!outcome.saved) return stale(work.fields);
  await work.repositories.drafts.drop(draftNames.decision(finding.id));
  return redirect(work.address);
};

/** Takes a word on a finding back, while it is not cut. */
export const withdraw: Action = async (work) => {
  const { finding } = findingOf(work);
  const { changes } = work.repositories;
  const { change } = finding;
  const gone = change !== null && (await changes.withdraw(work.read.job.id, change.id, Number(work.fields.version)));
  return gone ? redirect(work.address) : stale(work.fields);
};

/** Keeps what was seen of a change at a later fitting. */
export const judge: Action = async (work) => {
  const { repositories, read, prototype, fields } = work;
  const fitting = fittingOf(work);
  const id = idFrom(fields.change, "change");
  const {
    change,
    finding,
    judgement: before,
  } = found(
    jobChanges(read.fittings, read.ownChanges).find((one) => one.change.id === id),
    "change cut into this prototype",
  );
  if (change.cutInto !== prototype.number) found(null, "change cut into this prototype");
  // A judgement has no version of its own: the form says what it was begun on.
  if ((fields.was ?? "") !== judgementKey(before)) return stale(fields);
  const judgement = readJudgement(fields, finding?.amountMm ?? null);
  if (!judgement.ok) return invalid(fields, judgement.errors);
  await repositories.changes.judge(id, { fittingId: fitting.id, ...judgement.value });
  await repositories.drafts.drop(draftNames.judgement(id));
  return redirect(work.address);
};
