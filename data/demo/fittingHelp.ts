import { sheetWords } from "../../core/body/index.ts";
import { bareBeside } from "../../core/calculation/index.ts";
import { classRange, SHIPPED_CLOTH_SETTINGS } from "../../core/cloth/index.ts";
import { SHIPPED_EASE_SETTINGS, type ShippedStyleId, styleOf } from "../../core/ease/index.ts";
import {
  decide,
  decidedChanges,
  type Finding,
  type FittingHead,
  jobChanges,
  learnByKind,
  type Prototype,
  type PrototypeKind,
  placeOf,
  proposedFor,
  type Reading,
  ringKey,
  type SewnRing,
  usualSeams,
  type Verdict,
  type Word,
} from "../../core/fitting/index.ts";
import {
  freezePlan,
  type Job,
  jobFacts,
  piecesOfNext,
  planJob,
  plannedByStyle,
  stillAsCut,
  stillOf,
} from "../../core/job/index.ts";
import { asMeasured, sewnTargets } from "../../core/redraw/index.ts";
import type { Result } from "../../core/result.ts";
import { savedOrThrow } from "../db/index.ts";
import type { NewFinding } from "../fitting/index.ts";
import { workingsKept } from "../jobs/index.ts";
import type { Repositories } from "../store.ts";

/** Starts the next prototype of a demo job, with every change decided so far. */
export async function startPrototype(
  repositories: Repositories,
  jobId: number,
  kind: PrototypeKind,
  startedOn: string,
): Promise<Prototype> {
  const found = (await repositories.jobs.find(jobId)) as Job;
  const style = styleOf(found.styleId as ShippedStyleId);
  const job = plannedByStyle(found, style);
  const kept = await repositories.workings.ofJob(jobId);
  const before = await repositories.prototypes.ofJob(jobId);
  const fittings = await repositories.fittings.ofPrototypes(before.map(({ id }) => id));
  const own = await repositories.changes.ownOfJob(jobId);
  const wearer = await repositories.wearers.find(job.wearerId);
  const bare = {
    job,
    style,
    corset: kept.corset.version > 0 ? kept.corset.working : null,
    sheet: job.sheetId === null ? null : await repositories.sheets.find(job.sheetId),
    cloth: job.clothId === null ? null : await repositories.cloths.find(job.clothId),
    tests: job.clothId === null ? [] : await repositories.cloths.testsOf(job.clothId),
    settings: SHIPPED_EASE_SETTINGS,
    clothSettings: SHIPPED_CLOTH_SETTINGS,
  };
  const workings = workingsKept(kept);
  const beside = bareBeside({
    sheetName: bare.sheet ? sheetWords(bare.sheet, SHIPPED_EASE_SETTINGS.fingerAllowanceMm) : "",
    settingsName: "settings as shipped",
    isForm: false,
    isChild: false,
  });
  const ingredients = { ...bare, still: stillOf(bare, beside, workings) };
  const planned = planJob(ingredients);
  const frozen = freezePlan({ ...ingredients, workings }, planned, {
    wearerName: wearer?.name ?? "",
    changes: decidedChanges(fittings, own),
  });
  if (!frozen.ok) throw new Error(frozen.problem.message);
  const last = before.at(-1);
  const pieces = piecesOfNext(jobFacts(ingredients, planned, beside, workings), {
    before: last ? await repositories.pieces.ofPrototype(last.id) : [],
    changes: jobChanges(fittings, own).map(({ change }) => change),
    frozen: frozen.value,
  });
  const number = before.length + 1;
  const started = await repositories.prototypes.start({
    jobId,
    number,
    kind,
    startedOn,
    frozen: stillAsCut(frozen.value, pieces),
  });
  if (started === null) throw new Error(`Prototype ${number} is the next one.`);
  const prototype = await prototypeOf(repositories, jobId, number);
  if (!(await repositories.pieces.add(prototype.id, pieces)))
    throw new Error("A prototype just started has no pieces.");
  return prototype;
}

/** Reads a prototype that is known to be there. */
export const prototypeOf = async (repositories: Repositories, jobId: number, number: number): Promise<Prototype> =>
  (await repositories.prototypes.find(jobId, number)) as Prototype;

/** Writes the girths as sewn, told for the levels of the plan; a key is a zone, or a zone and a side. What was typed is what was measured on the garment. */
export async function sew(
  repositories: Repositories,
  prototype: Prototype,
  girths: Readonly<Record<string, number>>,
): Promise<void> {
  const targets = sewnTargets(prototype.frozen, await repositories.pieces.ofPrototype(prototype.id));
  const sewn = Object.entries(girths).map(([key, sewnMm]) => {
    const [zone, side = "single"] = key.split(":");
    const ring = prototype.frozen.rings.find((one) => ringKey(one) === key);
    const target = targets.rings[key];
    const flatMm = (target && ring ? asMeasured(sewnMm, target, ring.nowMm) : sewnMm) / 2;
    return { zone, side, sewnMm, text: `${Number((flatMm / 10).toFixed(2))} cm` } as SewnRing;
  });
  savedOrThrow(await repositories.prototypes.saveSewn(prototype, { sewn, sewnLengths: [] }));
}

/** Begins a fitting of a prototype on the wearer. */
export const tryOn = (
  { fittings }: Repositories,
  prototype: Prototype,
  head: Pick<FittingHead, "fittedOn"> & Partial<FittingHead>,
): Promise<number> =>
  fittings.add({ prototypeId: prototype.id, on: "wearer", way: "rightSideOut", over: "", notes: "", ...head });

/** What is told of a finding; where it stands on the figure follows from its spot and side. */
export type DemoFinding = Pick<NewFinding, "kind" | "spot" | "side" | "view"> &
  Partial<Pick<NewFinding, "zone" | "amountMm" | "detail" | "note">>;

/** A finding that was put on the record. */
export type PutFinding = NewFinding & { readonly id: number };

/** Puts a finding on the record. */
export async function put({ fittings }: Repositories, fittingId: number, told: DemoFinding): Promise<PutFinding> {
  const { x, y } = placeOf(told.spot, told.side, told.view);
  const amountMm = told.amountMm ?? null;
  const finding: NewFinding = {
    zone: told.spot as NewFinding["zone"],
    detail: {},
    note: "",
    ...told,
    fittingId,
    x,
    y,
    amountMm,
    amountText: amountMm === null ? "" : `${amountMm} mm`,
    folded: false,
  };
  return { ...finding, id: await fittings.addFinding(finding) };
}

interface DemoDecision {
  readonly decision: "accepted" | "altered" | "refused";
  /** Of a proposal that was altered, mm, signed. */
  readonly amountMm?: number;
  /** Which of the remedies that are proposed; the first where none is named. */
  readonly remedy?: string;
  readonly reason?: string;
}

const wordOf = ({ decision, amountMm }: DemoDecision): Word =>
  decision === "altered" && amountMm !== undefined
    ? { is: decision, to: "amount", amountMm: Math.abs(amountMm), sign: amountMm < 0 ? -1 : 1 }
    : decision === "altered"
      ? { is: decision, to: "words" }
      : { is: decision };

/** Writes the maker's word on a finding: the first remedy that is proposed or the one she names, or her own amount. */
export async function decideOn(
  repositories: Repositories,
  before: Prototype,
  finding: Pick<Finding, "id" | "kind" | "spot" | "zone" | "side" | "amountMm" | "detail">,
  told: DemoDecision,
): Promise<number> {
  const { reason = "", remedy = "" } = told;
  const word = wordOf(told);
  const prototype = await prototypeOf(repositories, before.jobId, before.number);
  const { usable } = prototype.frozen.stretch;
  const learned = learnByKind(await repositories.fittings.outcomesIn(classRange(usable)));
  const on = { finding, prototype, learned };
  // Without a number of seams of her own she goes by those that usually take it.
  const seams = usualSeams(finding, prototype).count;
  const decided = answerOf(decide(on, answerOf(proposedFor(on, remedy, seams)), { word, seams, reason }));
  // In the demo every linked piece has been seen to.
  const linked = decided.linked.map((line) => ({ ...line, ticked: true }));
  const kept = { ...decided, linked, findingId: finding.id, version: 0 };
  return savedOrThrow(await repositories.changes.decide(before.jobId, kept)).id;
}

function answerOf<T>(result: Result<T>): T {
  if (!result.ok) throw new Error(result.problem.message);
  return result.value;
}

/** What was left of a change at a later fitting. */
export const judge = (
  { changes }: Repositories,
  changeId: number,
  fittingId: number,
  [residualMm, verdict, note = ""]: readonly [number | null, Verdict, string?],
): Promise<void> => changes.judge(changeId, { fittingId, residualMm, verdict, note });

/** A reading taken by hand. */
export const read = (
  { fittings }: Repositories,
  fittingId: number,
  reading: Pick<Reading, "zone" | "kind" | "newtons"> & Partial<Reading>,
): Promise<number> =>
  fittings.addReading({
    side: "both",
    heightMm: null,
    elasticsN: null,
    liftMm: null,
    note: "",
    text: String(reading.newtons ?? ""),
    ...reading,
    fittingId,
  });
