import { redirect } from "react-router";
import { checksOf, jobChanges, likedFromPrototype, signOffState } from "../../../core/fitting/index.ts";
import type { Repositories } from "../../../data/store.ts";
import type { Messages } from "../../../formats/form/index.ts";
import { startedFrom } from "../../.server/http/answerEdit.ts";
import { found, idFrom, invalid, notFound } from "../../.server/http/answers.ts";
import type { JobRecord } from "../../.server/read/jobRecord.ts";
import type { Fields } from "../../form/unsaved.ts";
import { signOffDraft } from "./signOffDraft.ts";
import { readSignOff, readStanding } from "./signOffForm.server.ts";

/** What an action of the sign-off page works on, inside its transaction. */
export interface SignOffAction {
  readonly repositories: Repositories;
  readonly read: JobRecord;
  readonly fields: Fields;
  readonly today: string;
}

type Action = (work: SignOffAction) => Promise<ReturnType<typeof redirect> | ReturnType<typeof invalid>>;

const here = ({ read }: SignOffAction) => redirect(`/jobs/${read.job.id}/sign-off`);

const signOff: Action = async (work) => {
  const { repositories, read, fields, today } = work;
  const { job, prototypes, fittings, style } = read;
  const state = signOffState(prototypes, fittings, checksOf(style.family));
  const form = readSignOff(fields, { today });
  const errors: Messages = form.ok ? {} : { ...form.errors };
  if (!state.prototype || !state.fitted)
    errors.form = "Expected a prototype that was fitted: a job is signed off with it.";
  if (form.ok && !state.clean && form.value.words === "") {
    errors.words = "Expected a word on why what is open or not tried may stay so, but the field is empty.";
  }
  if (!form.ok || Object.keys(errors).length > 0) return invalid(fields, errors);
  const outcome = await repositories.jobs.save({
    ...job,
    version: startedFrom(fields),
    signedOff: form.value,
  });
  if (!outcome.saved) {
    return invalid(fields, { form: "Somebody changed this job meanwhile. This is how it stands now; sign again." });
  }
  await repositories.prototypes.closeAll(job.id, form.value.on);
  await repositories.drafts.drop(signOffDraft(job.id));
  return here(work);
};

/** Keeps the signed-off garment among those that fit its wearer, for the school that goes by them. */
const keepGarment: Action = async (work) => {
  const { repositories, read, fields, today } = work;
  const { job, wearer, prototypes } = read;
  const last = prototypes.at(-1);
  if (!job.signedOff || !last) return invalid(fields, { form: "Expected a job that is signed off." });
  const notes = `Prototype ${last.number} of “${job.name}”, signed off ${job.signedOff.on}.`;
  const garment = likedFromPrototype(last, { wearerId: wearer.id, name: job.name, measuredOn: today, notes });
  if (!garment) {
    return invalid(fields, {
      form: "Expected girths as sewn, but none was measured: measure the garment flat first, on “Garments that fit”.",
    });
  }
  const there = await repositories.liked.ofWearer(wearer.id);
  if (!there.some(({ name }) => name === garment.name)) await repositories.liked.add(garment);
  return here(work);
};

/** Keeps a change for the wearer's next jobs, or for every job from the pattern. */
const keepStanding: Action = async (work) => {
  const { repositories, read, fields, today } = work;
  const form = readStanding(fields);
  // Each change has a form of its own on the page: the message goes to the one that was sent.
  if (!form.ok) return invalid(fields, { [`words-${fields.change}`]: Object.values(form.errors).join(" ") });
  const { change: id, words, of } = form.value;
  const { change } = found(
    jobChanges(read.fittings, read.ownChanges).find((one) => one.change.id === id),
    "change",
  );
  const forPattern = of === "pattern";
  if (forPattern && read.job.chartId === null) {
    return invalid(fields, { form: "Expected a job from a size chart: only then is there a pattern it belongs to." });
  }
  await repositories.standing.add({
    wearerId: forPattern ? null : read.wearer.id,
    chartId: forPattern ? read.job.chartId : null,
    on: change.on,
    spot: change.spot,
    zone: change.zone,
    side: change.side,
    lengthId: change.lengthId,
    pieces: change.pieces,
    line: change.line,
    amountMm: change.amountMm,
    words,
    madeOn: today,
  });
  return here(work);
};

const dropStanding: Action = async (work) => {
  const { repositories, read, fields } = work;
  const id = idFrom(fields.standing, "standing change");
  const own = await repositories.standing.forJob(read.wearer.id, read.job.chartId);
  if (!own.some((one) => one.id === id)) notFound("standing change");
  if (!(await repositories.standing.remove(id))) notFound("standing change");
  return here(work);
};

/** The actions of the sign-off page by the form's intent. */
export const SIGN_OFF_ACTIONS: ReadonlyMap<string, Action> = new Map<string, Action>(
  Object.entries({ "sign-off": signOff, garment: keepGarment, standing: keepStanding, "drop-standing": dropStanding }),
);
