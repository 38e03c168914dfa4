import { data, redirect } from "react-router";
import type { Finding } from "../../../core/fitting/fitting.ts";
import type { Prototype } from "../../../core/fitting/prototype.ts";
import type { Repositories } from "../../../data/store.ts";
import { readDecision, readJudgement } from "../../forms/decisionForm.server.ts";
import { readFinding, readFitting, readReading } from "../../forms/fittingForm.server.ts";
import { conflictRow, type Fields } from "../../forms/unsaved.ts";
import { conflict, found, idFrom, invalid, today } from "../../server/answers.ts";
import type { JobContext } from "../../server/jobContext.ts";
import { learnedFor } from "../../server/learnedShares.ts";
import { draftNames } from "./draftNames.ts";

/** What every action of the fitting page works on, inside its transaction. */
export interface FittingAction {
  readonly repositories: Repositories;
  readonly read: JobContext;
  readonly prototype: Prototype;
  readonly fields: Fields;
  /** Address of the page. */
  readonly address: string;
}

type Answer = ReturnType<typeof redirect> | ReturnType<typeof invalid> | ReturnType<typeof stale>;
type Action = (work: FittingAction) => Promise<Answer>;

/** Answers an action that came too late: the page shows how things stand now. */
const stale = (fields: Fields) =>
  data(
    { fields, errors: { form: "Somebody was quicker in another window. This is how it stands now; try again." } },
    { status: 409 },
  );

/** A finding of this job, with the prototype it was found on; a 404 for any other. */
function findingOf({ read, fields }: FittingAction): { finding: Finding; on: Prototype } {
  const id = idFrom(fields.finding, "finding");
  const fitting = found(
    read.fittings.find(({ findings }) => findings.some((one) => one.id === id)),
    "finding",
  );
  return {
    finding: found(
      fitting.findings.find((one) => one.id === id),
      "finding",
    ),
    on: found(
      read.prototypes.find((one) => one.id === fitting.prototypeId),
      "prototype",
    ),
  };
}

/** A fitting of this prototype; a 404 for any other. */
const fittingOf = ({ read, prototype, fields }: FittingAction) => {
  const id = idFrom(fields.fitting, "fitting");
  return found(
    read.fittings.find((one) => one.id === id && one.prototypeId === prototype.id),
    "fitting",
  );
};

const begin: Action = async ({ repositories, prototype, fields, address }) => {
  const fitting = readFitting(fields, today());
  if (!fitting.ok) return invalid(fields, fitting.errors);
  await repositories.fittings.add({ prototypeId: prototype.id, ...fitting.value });
  await repositories.drafts.drop(draftNames.begin(prototype.id));
  return redirect(address);
};

const putFinding: Action = async (work) => {
  const { repositories, read, fields, address } = work;
  const fitting = fittingOf(work);
  const finding = readFinding(fields, read.style.zones);
  if (!finding.ok) return invalid(fields, finding.errors);
  const filled = { ...finding.value, fittingId: fitting.id };
  await repositories.drafts.drop(draftNames.finding(fitting.id));
  if (!fields.finding) {
    await repositories.fittings.addFinding(filled);
    return redirect(address);
  }
  const { finding: before } = findingOf(work);
  const outcome = await repositories.fittings.saveFinding({
    ...filled,
    id: before.id,
    version: Number(fields.version),
  });
  if (outcome.saved) return redirect(address);
  return outcome.theirs
    ? conflict(fields, outcome.theirs.version, [
        conflictRow(fields, "amount", "Amount", outcome.theirs.amountText),
        conflictRow(fields, "note", "Note", outcome.theirs.note),
      ])
    : stale(fields);
};

const removeFinding: Action = async (work) => {
  const { finding } = findingOf(work);
  const gone = await work.repositories.fittings.setFindingRemoved(finding.id, true);
  return gone ? redirect(`${work.address}?removed=finding-${finding.id}`) : stale(work.fields);
};

const takeReading: Action = async (work) => {
  const { repositories, read, fields, address } = work;
  const fitting = fittingOf(work);
  const reading = readReading(fields, read.style.zones);
  if (!reading.ok) return invalid(fields, reading.errors);
  await repositories.fittings.addReading({ fittingId: fitting.id, ...reading.value });
  await repositories.drafts.drop(draftNames.reading(fitting.id));
  return redirect(address);
};

const removeReading: Action = async (work) => {
  const id = idFrom(work.fields.reading, "reading");
  found(
    fittingOf(work).readings.find((one) => one.id === id),
    "reading",
  );
  await work.repositories.fittings.setReadingRemoved(id, true);
  return redirect(`${work.address}?removed=reading-${id}`);
};

/** Brings back what was taken off last: `finding-12` or `reading-7`. */
const bringBack: Action = async ({ repositories, read, fields, address }) => {
  const [what, idText] = (fields.removed ?? "").split("-");
  const id = idFrom(idText, "thing to bring back");
  const inThisJob = await repositories.fittings.jobOf(what === "reading" ? "reading" : "finding", id);
  if (inThisJob !== read.job.id) found(null, "thing to bring back");
  if (what === "reading") await repositories.fittings.setReadingRemoved(id, false);
  else await repositories.fittings.setFindingRemoved(id, false);
  return redirect(address);
};

const decide: Action = async (work) => {
  const { finding, on } = findingOf(work);
  const decision = readDecision(work.fields, finding, on, await learnedFor(work.repositories, on));
  if (!decision.ok) return invalid(work.fields, decision.errors);
  const outcome = await work.repositories.fittings.decide({ findingId: finding.id, ...decision.value });
  if (!outcome.saved) return stale(work.fields);
  await work.repositories.drafts.drop(draftNames.decision(finding.id));
  return redirect(work.address);
};

const withdraw: Action = async (work) => {
  const { finding } = findingOf(work);
  const gone = await work.repositories.fittings.withdraw(finding.id, Number(work.fields.version));
  return gone ? redirect(work.address) : stale(work.fields);
};

const judge: Action = async (work) => {
  const { finding } = findingOf(work);
  const fitting = fittingOf(work);
  if (finding.change?.cutInto !== work.prototype.number) found(null, "change cut into this prototype");
  const judgement = readJudgement(work.fields, finding);
  if (!judgement.ok) return invalid(work.fields, judgement.errors);
  await work.repositories.fittings.judge(finding.id, { fittingId: fitting.id, ...judgement.value });
  await work.repositories.drafts.drop(draftNames.judgement(finding.id));
  return redirect(work.address);
};

/** The actions of the fitting page by the form's intent. */
export const FITTING_ACTIONS: ReadonlyMap<string, Action> = new Map<string, Action>(
  Object.entries({
    begin,
    finding: putFinding,
    "remove-finding": removeFinding,
    reading: takeReading,
    "remove-reading": removeReading,
    "bring-back": bringBack,
    decide,
    withdraw,
    judge,
  }),
);
