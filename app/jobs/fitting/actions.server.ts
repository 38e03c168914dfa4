import { redirect } from "react-router";
import { checksOf } from "../../../core/fitting/index.ts";
import { startedFrom } from "../../.server/http/answerEdit.ts";
import { found, idFrom, invalid, today } from "../../.server/http/answers.ts";
import { draftNames } from "./draftNames.ts";
import { decide, judge, putFinding, removeFinding, withdraw } from "./findingActions.server.ts";
import { type Action, closed, fittingOf, stale } from "./fittingAction.server.ts";
import { readFitting } from "./fittingForm.server.ts";
import { readCheck, readReading } from "./readingForm.server.ts";

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
  const version = startedFrom(fields);
  if (!(await repositories.fittings.saveHead({ ...head.value, id: fitting.id, version }))) return stale(fields);
  await repositories.drafts.drop(draftNames.head(fitting.id));
  return redirect(address);
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
