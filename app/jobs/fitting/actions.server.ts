import { data, redirect } from "react-router";
import { checksOf, type Finding, jobChanges, type Prototype, spotsOf } from "../../../core/fitting/index.ts";
import type { Repositories } from "../../../data/store.ts";
import type { Picture } from "../../../formats/pictures/picture.ts";
import { conflict, found, idFrom, invalid, today } from "../../.server/http/answers.ts";
import type { JobRecord } from "../../.server/read/jobRecord.ts";
import { learnedFor } from "../../.server/read/learnedShares.ts";
import { conflictRow, type Fields } from "../../form/unsaved.ts";
import { readDecision } from "./decisionForm.server.ts";
import { draftNames } from "./draftNames.ts";
import { readFinding, readFitting } from "./fittingForm.server.ts";
import { readJudgement } from "./judgementForm.server.ts";
import { judgementKey } from "./judgementKey.ts";
import { readCheck, readReading } from "./readingForm.server.ts";

/** What every action of the fitting page works on, inside its transaction. */
export interface FittingAction {
  readonly repositories: Repositories;
  readonly read: JobRecord;
  readonly prototype: Prototype;
  readonly fields: Fields;
  /** A photo that came with the form. */
  readonly photo: Picture | null;
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

/** Nothing is written into a closed prototype. */
const closed = (fields: Fields) =>
  data({ fields, errors: { form: "This prototype is closed: write a note to it instead." } }, { status: 409 });

const begin: Action = async ({ repositories, prototype, fields, address }) => {
  const fitting = readFitting(fields, today());
  if (!fitting.ok) return invalid(fields, fitting.errors);
  await repositories.fittings.add({ prototypeId: prototype.id, ...fitting.value });
  await repositories.drafts.drop(draftNames.begin(prototype.id));
  return redirect(address);
};

/** Changes what was written down when the fitting began. */
const changeHead: Action = async (work) => {
  const { repositories, fields, address } = work;
  const fitting = fittingOf(work);
  const head = readFitting(fields, today());
  if (!head.ok) return invalid(fields, head.errors);
  const version = Number(fields.version);
  if (!(await repositories.fittings.saveHead({ ...head.value, id: fitting.id, version }))) return stale(fields);
  await repositories.drafts.drop(draftNames.head(fitting.id));
  return redirect(address);
};

const putFinding: Action = async (work) => {
  const { repositories, read, fields, address } = work;
  const fitting = fittingOf(work);
  const finding = readFinding(fields, spotsOf(read.style.zones));
  if (!finding.ok) return invalid(fields, finding.errors);
  const filled = { ...finding.value, fittingId: fitting.id };
  await repositories.drafts.drop(draftNames.finding(fitting.id));
  if (!fields.finding) {
    const id = await repositories.fittings.addFinding(filled);
    if (work.photo) await repositories.fittings.addPhoto(fitting.id, id, work.photo);
    return redirect(address);
  }
  const { finding: before, on } = findingOf(work);
  if (on.closedOn !== null) return closed(fields);
  const outcome = await repositories.fittings.saveFinding({
    ...filled,
    id: before.id,
    version: Number(fields.version),
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

const removeFinding: Action = async (work) => {
  const { finding, on } = findingOf(work);
  if (on.closedOn !== null) return closed(work.fields);
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

/** Brings back what was taken off last: `finding-12`, `reading-7` or `photo-3`. */
const bringBack: Action = async ({ repositories, read, fields, address }) => {
  const [what, idText] = (fields.removed ?? "").split("-");
  const id = idFrom(idText, "thing to bring back");
  const kind = what === "reading" || what === "photo" ? what : "finding";
  if ((await repositories.fittings.jobOf(kind, id)) !== read.job.id) found(null, "thing to bring back");
  if (kind === "reading") await repositories.fittings.setReadingRemoved(id, false);
  else if (kind === "photo") await repositories.fittings.setPhotoRemoved(id, false);
  else if (!(await repositories.fittings.setFindingRemoved(id, false))) return stale(fields);
  return redirect(address);
};

const decide: Action = async (work) => {
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

const withdraw: Action = async (work) => {
  const { finding } = findingOf(work);
  const { changes } = work.repositories;
  const { change } = finding;
  const gone = change !== null && (await changes.withdraw(work.read.job.id, change.id, Number(work.fields.version)));
  return gone ? redirect(work.address) : stale(work.fields);
};

const judge: Action = async (work) => {
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

const check: Action = async (work) => {
  const fitting = fittingOf(work);
  const result = readCheck(work.fields, checksOf(work.read.style.family));
  if (!result.ok) return invalid(work.fields, result.errors);
  const now = fitting.checks.find((one) => one.check === result.value.check)?.outcome ?? "notTried";
  if (work.fields.was !== undefined && work.fields.was !== now) return stale(work.fields);
  await work.repositories.fittings.saveCheck(fitting.id, result.value);
  return redirect(work.address);
};

/** Keeps a photo of the fitting as a whole. */
const keepPhoto: Action = async (work) => {
  const fitting = fittingOf(work);
  if (!work.photo) return invalid(work.fields, { photo: "Expected a picture, but none was chosen." });
  await work.repositories.fittings.addPhoto(fitting.id, null, work.photo);
  return redirect(work.address);
};

const removePhoto: Action = async (work) => {
  const id = idFrom(work.fields.photo, "photo");
  if ((await work.repositories.fittings.jobOf("photo", id)) !== work.read.job.id) found(null, "photo");
  await work.repositories.fittings.setPhotoRemoved(id, true);
  return redirect(`${work.address}?removed=photo-${id}`);
};

/** Lets an action through only while the prototype it writes into is open. */
const whileOpen =
  (action: Action): Action =>
  async (work) =>
    work.prototype.closedOn === null ? action(work) : closed(work.fields);

/** The actions of the fitting page by the form's intent; decisions belong to the job and outlive the prototype. */
export const FITTING_ACTIONS: ReadonlyMap<string, Action> = new Map<string, Action>([
  ...Object.entries({
    begin,
    head: changeHead,
    finding: putFinding,
    "remove-finding": removeFinding,
    reading: takeReading,
    "remove-reading": removeReading,
    check,
    photo: keepPhoto,
    "remove-photo": removePhoto,
    "bring-back": bringBack,
    judge,
  }).map(([intent, action]) => [intent, whileOpen(action)] as const),
  ["decide", decide],
  ["withdraw", withdraw],
]);
