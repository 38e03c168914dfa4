import type { RouterContextProvider } from "react-router";
import { shelfElastic } from "../../../core/band/index.ts";
import { sheetWords } from "../../../core/body/index.ts";
import type { BesideJob, ChartLoops, WrapLoop } from "../../../core/calculation/index.ts";
import { jobFacts, type Step, workingSteps } from "../../../core/job/index.ts";
import { hasTrunk, wrapLoop } from "../../../core/torso/index.ts";
import { type WorkingFacts, type WorkingId, workingFacts, workingsOf } from "../../../core/workings/index.ts";
import { bareWorkings, type KeptWorkings, keptIds } from "../../../data/jobs/index.ts";
import type { Repositories } from "../../../data/store.ts";
import type { Fields } from "../../form/unsaved.ts";
import type { MeasuresAt } from "../../jobs/calculation/LackList.tsx";
import { workingFields } from "../../jobs/calculation/readWorking.ts";
import { workingDraft } from "../../jobs/calculation/workingDraft.ts";
import { storeOf } from "../http/answers.ts";
import { type JobContext, jobOfPage, jobSteps } from "./jobContext.ts";
import { patternSizes, type SizedPattern } from "./patternSizes.ts";

/** What is kept of a job's calculations, with the facts they rest on. */
export interface JobWorkings {
  readonly kept: KeptWorkings;
  readonly facts: WorkingFacts;
}

/** Reads the calculations of a job; only what its style needs is looked up beside it. */
export async function readWorkings(repositories: Repositories, read: JobContext): Promise<JobWorkings> {
  const kept = await repositories.workings.ofJob(read.job.id);
  const needed = workingsOf(read.style);
  const sized = needed.includes("bustRoom") ? await patternSizes(repositories, read) : null;
  const facts = workingFacts(
    jobFacts(read, read.planned, {
      sheetName: read.sheet ? sheetWords(read.sheet, read.settings.fingerAllowanceMm) : "",
      settingsName: read.settingsName,
      isForm: read.wearer.kind === "form",
      wraps: hasTrunk(read.style) ? await wrapsOf(repositories, read.wearer.id) : [],
      elastics: needed.includes("band") || needed.includes("strap") ? await elasticsOf(repositories, read) : [],
      chartBust: chartBustOf(sized),
      chartLoops: chartLoopsOf(sized),
    }),
  );
  return { kept, facts };
}

async function wrapsOf({ wraps }: Pick<Repositories, "wraps">, wearerId: number): Promise<WrapLoop[]> {
  return (await wraps.ofWearer(wearerId)).map(({ id, name, edges }) => ({ id, name, loop: wrapLoop(edges) }));
}

async function elasticsOf(
  { cloths }: Pick<Repositories, "cloths">,
  { clothSettings }: JobContext,
): Promise<BesideJob["elastics"]> {
  const shelf = await cloths.findAll((await cloths.elastics()).map(({ id }) => id));
  return shelf.map((cloth) => shelfElastic({ cloth, tests: cloth.tests, direction: "along" }, clothSettings));
}

/** The finished bust of the graded pattern at the size the plan chooses there. */
function chartBustOf(sized: SizedPattern | null): BesideJob["chartBust"] {
  if (!sized?.grading?.ok) return null;
  const bust = sized.grading.value.zones.find(({ zone }) => zone === "bust");
  if (!bust || bust.finishedMm === null) return null;
  return { mm: bust.finishedMm, words: `size ${bust.chosenName} of ${sized.chart.name}` };
}

/** The trunk loops of the graded pattern, and the size chosen in the middle of the trunk. */
function chartLoopsOf(sized: SizedPattern | null): ChartLoops | null {
  if (!sized) return null;
  const zones = sized.grading?.ok ? sized.grading.value.zones : [];
  return {
    sizes: sized.chart.sizes.map(({ name, body, finished }) => ({
      name,
      bodyMm: body.trunkLoop ?? null,
      finishedMm: finished.trunkLoop ?? null,
    })),
    chosen: (zones.find(({ zone }) => zone === "waist") ?? zones[0])?.chosenName ?? null,
  };
}

const readOnce = new WeakMap<JobContext, Promise<JobWorkings>>();

/** The calculations of a page's job, read once for all loaders of one request. */
export function workingsOfPage(context: Readonly<RouterContextProvider>, read: JobContext): Promise<JobWorkings> {
  const reading = readOnce.get(read) ?? readWorkings(storeOf(context), read);
  readOnce.set(read, reading);
  return reading;
}

const stepsOnce = new WeakMap<JobContext, Promise<Step[]>>();

/** The steps of a page's job, those of torso, cups and band among them; worked out once for all loaders. */
export function stepsOfPage(context: Readonly<RouterContextProvider>, read: JobContext): Promise<Step[]> {
  const steps = stepsOnce.get(read) ?? workOutSteps(context, read);
  stepsOnce.set(read, steps);
  return steps;
}

async function workOutSteps(context: Readonly<RouterContextProvider>, read: JobContext): Promise<Step[]> {
  const { kept, facts } = await workingsOfPage(context, read);
  const further = workingSteps(read.style, { workings: bareWorkings(kept), kept: keptIds(kept), facts });
  return jobSteps(read, further);
}

/** One working as its form needs it. */
export interface WorkingOnPage<Id extends WorkingId> {
  readonly id: Id;
  readonly facts: WorkingFacts[Id];
  readonly kept: KeptWorkings[Id];
  readonly start: Fields;
  readonly draft: Fields | null;
}

/** What a calculation nobody has kept yet starts from: the trunk from the job's chart, at the size the plan takes there. */
const startOf = (id: WorkingId, { trunk }: WorkingFacts): Fields =>
  id === "trunk" && trunk.chart ? { from: "chart", size: trunk.chart.chosen ?? "" } : {};

/** The workings of a page by name, with their drafts; `at` says where measures that lack are taken. */
export async function loadWorkings<const Ids extends readonly WorkingId[]>(
  context: Readonly<RouterContextProvider>,
  jobIdText: string | undefined,
  ids: Ids,
): Promise<{
  read: JobContext;
  at: MeasuresAt;
  needed: readonly WorkingId[];
  pages: { [Id in Ids[number]]: WorkingOnPage<Id> };
}> {
  const read = await jobOfPage(context, jobIdText);
  const { kept, facts } = await workingsOfPage(context, read);
  const drafts = await storeOf(context).drafts.findAll(ids.map((id) => workingDraft(read.job.id, id)));
  const page = <Id extends WorkingId>(id: Id): WorkingOnPage<Id> => ({
    id,
    facts: facts[id],
    kept: kept[id],
    start: { ...workingFields(id, kept[id]), ...(kept[id].version === 0 ? startOf(id, facts) : {}) },
    draft: drafts[workingDraft(read.job.id, id)] ?? null,
  });
  return {
    read,
    at: { jobId: read.job.id, wearerId: read.wearer.id, sheetId: read.job.sheetId },
    needed: workingsOf(read.style),
    pages: Object.fromEntries(ids.map((id) => [id, page(id)])) as unknown as {
      [Id in Ids[number]]: WorkingOnPage<Id>;
    },
  };
}
