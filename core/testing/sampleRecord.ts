import type { CarriedChange, Change, Finding, FrozenLength, FrozenPlan, Prototype } from "../fitting/index.ts";
import { freezePlan, type JobIngredients, planJob } from "../job/index.ts";
import { sampleIngredients } from "./sampleJob.ts";

/** A change of the waist as a prototype carries it. */
export const sampleCarried = (own: Partial<CarriedChange> = {}): CarriedChange => ({
  changeId: 1,
  on: "girth",
  zone: "waist",
  side: "both",
  spot: own.zone ?? "waist",
  amountMm: -13,
  lengthId: "",
  pieces: "",
  line: "",
  blend: "",
  seams: 2,
  parts: [],
  why: "own change",
  ...own,
});

/** A length of a plan that no change has reached. */
export const sampleLength = (own: Pick<FrozenLength, "id" | "name" | "bodyMm" | "cutMm">): FrozenLength => ({
  codes: [],
  changedMm: 0,
  nowMm: own.cutMm,
  ...own,
});

/** The sample job's plan, frozen with the given changes. */
export function sampleFrozen(
  changes: readonly Partial<CarriedChange>[] = [],
  own: Partial<JobIngredients> = {},
): FrozenPlan {
  const ingredients = sampleIngredients(own);
  const carried = changes.map(sampleCarried);
  const frozen = freezePlan(ingredients, planJob(ingredients), { wearerName: "Sample", changes: carried });
  if (!frozen.ok) throw new Error(frozen.problem.message);
  return frozen.value;
}

/** Prototype 1 of the sample job. */
export const samplePrototype = (own: Partial<Prototype> = {}): Prototype => ({
  id: 21,
  jobId: 1,
  number: 1,
  kind: "sewn",
  startedOn: "2026-10-02",
  frozen: sampleFrozen(),
  sewn: [],
  sewnLengths: [],
  closedOn: null,
  annotations: [],
  version: 1,
  ...own,
});

/** A loose waist of 24 mm, found on the sample prototype. */
export const sampleFinding = (own: Partial<Finding> = {}): Finding => ({
  id: 31,
  fittingId: 41,
  kind: "loose",
  spot: own.zone ?? "waist",
  zone: "waist",
  side: "both",
  view: "back",
  x: 0.5,
  y: 0.4,
  amountMm: 24,
  amountText: "24 mm",
  folded: false,
  detail: {},
  photos: [],
  note: "",
  version: 1,
  change: null,
  judgement: null,
  ...own,
});

/** The change that took the sample finding's waist in. */
export const sampleChange = (own: Partial<Change> = {}): Change => ({
  id: 1,
  findingId: 31,
  decision: "accepted",
  on: "girth",
  remedy: "take-in",
  spot: "waist",
  zone: "waist",
  side: "both",
  lengthId: "",
  pieces: "front, back",
  line: "side seams",
  blend: "",
  parts: [],
  strain: null,
  share: 0.65,
  proposedMm: -13.7,
  amountMm: -13.7,
  seams: 2,
  linked: [],
  untickedReason: "",
  waitsFor: "",
  reason: "",
  cutInto: null,
  version: 1,
  ...own,
});
