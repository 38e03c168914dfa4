import type { RouterContextProvider } from "react-router";
import { shelfElastic } from "../../../core/band/index.ts";
import {
  type BesideJob,
  bareBeside,
  type ChartLoops,
  type JobFacts,
  type WrapLoop,
} from "../../../core/calculation/index.ts";
import { startEdges } from "../../../core/elastics/index.ts";
import type { Change } from "../../../core/fitting/index.ts";
import { jobFacts } from "../../../core/job/index.ts";
import type { CutOfJob, ElasticChange } from "../../../core/pieces/index.ts";
import { hasTrunk, wrapLoop } from "../../../core/torso/index.ts";
import {
  fieldsOfWorking,
  picksOf,
  type WorkingFacts,
  type WorkingId,
  workingFacts,
  workingsOf,
} from "../../../core/workings/index.ts";
import { type KeptWorkings, workingsKept } from "../../../data/jobs/index.ts";
import type { Repositories } from "../../../data/store.ts";
import type { Fields } from "../../form/unsaved.ts";
import type { MeasuresAt } from "../../jobs/calculation/LackList.tsx";
import { workingFields } from "../../jobs/calculation/readWorking.ts";
import { workingDraft } from "../../jobs/calculation/workingDraft.ts";
import { storeOf } from "../http/answers.ts";
import { type AskedPieces, askedPieces } from "../http/piecesAsked.ts";
import { besideNames, type JobPlanContext, planOfPage } from "./jobPlan.ts";
import { patternSizes, type SizedPattern } from "./patternSizes.ts";

/** What is kept of a job's calculations, with the facts they rest on. */
export interface JobWorkings {
  readonly kept: KeptWorkings;
  readonly facts: WorkingFacts;
  readonly cutFrom: CutFrom;
}

/** Whose pieces everything after them rests on. */
export interface CutFrom {
  /** Number of the prototype; null where they are drawn from the plan. */
  readonly number: number | null;
  /** All prototypes that have pieces, in order. */
  readonly numbers: readonly number[];
}

/** Which elastics a page needs: those the calculations have picked, or the shelf to pick from. */
export type ElasticsNeeded = "picked" | "shelf";

/** Reads the calculations of a job; only what its style needs is looked up beside it. */
export async function readWorkings(
  repositories: Repositories,
  read: JobPlanContext,
  elastics: ElasticsNeeded,
  asked: AskedPieces = null,
): Promise<JobWorkings> {
  const needed = workingsOf(read.style);
  const { kept, sized, wraps } = await besideOf(repositories, read);
  const made = await repositories.pieces.ofJob(read.job.id, asked === "plan" ? null : asked);
  const cut = asked === "plan" ? null : made;
  const facts = workingFacts(
    jobFacts(
      read,
      read.planned,
      {
        ...besideNames(read, read.wearer),
        wraps,
        elastics: await elasticsOf(
          repositories,
          read,
          elastics === "shelf" ? shelfFor(needed) : pickedIn(kept, needed),
        ),
        chartBust: chartBustOf(sized),
        chartLoops: chartLoopsOf(sized),
        chartSizes: chartSizesOf(sized),
        shelf: read.shelf,
      },
      workingsKept(kept),
    ),
    {
      ...elasticChanges(await repositories.changes.elasticsOfJob(read.job.id), cut?.number ?? null),
      ...(cut ? { pieces: cut.pieces } : {}),
    },
  );
  return { kept, facts, cutFrom: { number: cut?.number ?? null, numbers: made?.numbers ?? [] } };
}

/**
 * Decided changes of elastics as calculations take them: those that were cut into the prototype whose pieces are looked at, or before,
 * and beside them those that wait to be cut into the next. Where everything is drawn anew, all are cut.
 */
function elasticChanges(
  changes: readonly Change[],
  prototype: number | null,
): Pick<CutOfJob, "elasticChanges" | "elasticsWaiting"> {
  const taken = (of: readonly Change[]): ElasticChange[] =>
    of.flatMap(({ id, spot, side, pieces, amountMm }) =>
      amountMm === null ? [] : [{ id, spot, side, pieces, amountMm }],
    );
  const isCut = ({ cutInto }: Change) => prototype === null || (cutInto !== null && cutInto <= prototype);
  return {
    elasticChanges: taken(changes.filter(isCut)),
    elasticsWaiting: taken(changes.filter((change) => !isCut(change) && change.cutInto === null)),
  };
}

/** A job as its calculations see it, without records they pick from: for what needs none of them. */
export const bareFacts = (read: JobPlanContext): JobFacts =>
  jobFacts(read, read.planned, bareBeside(besideNames(read, read.wearer)), workingsKept(read.keptWorkings));

/** What is read beside a job's plan for its calculations, whichever elastics they need. */
interface Beside {
  readonly kept: KeptWorkings;
  readonly sized: SizedPattern | null;
  readonly wraps: readonly WrapLoop[];
}

const readOnce = new WeakMap<JobPlanContext, Promise<Beside>>();

/** Read once for the rail and the step of one page, which share the plan they were read for. */
function besideOf(repositories: Repositories, read: JobPlanContext): Promise<Beside> {
  const reading = readOnce.get(read) ?? readBeside(repositories, read);
  readOnce.set(read, reading);
  return reading;
}

async function readBeside(repositories: Repositories, read: JobPlanContext): Promise<Beside> {
  return {
    kept: read.keptWorkings,
    sized: await patternSizes(repositories, read),
    wraps: hasTrunk(read.style) ? await wrapsOf(repositories, read.wearer.id) : [],
  };
}

/** Calculations that are offered the elastics of the shelf. */
const shelfFor = (needed: readonly WorkingId[]): "shelf" | readonly number[] =>
  needed.some((id) => fieldsOfWorking(id).some(([, field]) => field.as === "pick" && field.of === "elastic"))
    ? "shelf"
    : [];

const pickedIn = (kept: KeptWorkings, needed: readonly WorkingId[]): number[] => [
  ...new Set(
    needed.flatMap((id) =>
      picksOf(id, kept[id].working)
        .filter(({ of }) => of === "elastic")
        .map((picked) => picked.id),
    ),
  ),
];

async function wrapsOf({ wraps }: Pick<Repositories, "wraps">, wearerId: number): Promise<WrapLoop[]> {
  return (await wraps.ofWearer(wearerId)).map(({ id, name, edges }) => ({ id, name, loop: wrapLoop(edges) }));
}

async function elasticsOf(
  { cloths }: Pick<Repositories, "cloths">,
  { clothSettings }: JobPlanContext,
  which: "shelf" | readonly number[],
): Promise<BesideJob["elastics"]> {
  const ids = which === "shelf" ? (await cloths.elastics()).map(({ id }) => id) : which;
  const shelf = ids.length === 0 ? [] : await cloths.findAll(ids);
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

/** The size chosen of the graded pattern in each zone it has. */
const chartSizesOf = (sized: SizedPattern | null): BesideJob["chartSizes"] =>
  sized?.grading?.ok
    ? Object.fromEntries(sized.grading.value.zones.map(({ zone, chosenName }) => [zone, chosenName]))
    : {};

/** One working as its form needs it. */
export interface WorkingOnPage<Id extends WorkingId> {
  readonly id: Id;
  readonly facts: WorkingFacts[Id];
  readonly kept: KeptWorkings[Id];
  readonly start: Fields;
  readonly draft: Fields | null;
}

/** What a calculation nobody has kept yet starts from: the trunk from the job's chart at the size the plan takes there, parts from its style, elastics from the drawn edges, materials from what is usual. */
function startOf(id: WorkingId, facts: WorkingFacts): object {
  if (id === "elastics") return { edges: startEdges(facts.elastics) };
  if (id === "parts") return facts.parts.ofStyle;
  if (id === "materials") return { notions: facts.materials.usual };
  return id === "trunk" && facts.trunk.chart ? { from: "chart", size: facts.trunk.chart.chosen ?? "" } : {};
}

/** What a page, or a file, of a job is asked by. */
export interface JobRequest {
  readonly request: Request;
  readonly params: { readonly jobId?: string };
  readonly context: Readonly<RouterContextProvider>;
}

/** The workings of a page by name, of the pieces its address asks for, with their drafts; `at` says where measures that lack are taken. */
export async function loadWorkings<const Ids extends readonly WorkingId[]>(
  { request, params, context }: JobRequest,
  ids: Ids,
): Promise<{
  read: JobPlanContext;
  at: MeasuresAt;
  needed: readonly WorkingId[];
  cutFrom: CutFrom;
  pages: { [Id in Ids[number]]: WorkingOnPage<Id> };
}> {
  const read = await planOfPage(context, params.jobId);
  const { kept, facts, cutFrom } = await readWorkings(storeOf(context), read, "shelf", askedPieces(request));
  const drafts = await storeOf(context).drafts.findAll(ids.map((id) => workingDraft(read.job.id, id)));
  const page = <Id extends WorkingId>(id: Id): WorkingOnPage<Id> => ({
    id,
    facts: facts[id],
    kept: kept[id],
    start: workingFields(
      id,
      kept[id].version === 0 ? { ...kept[id], working: { ...kept[id].working, ...startOf(id, facts) } } : kept[id],
    ),
    draft: drafts[workingDraft(read.job.id, id)] ?? null,
  });
  return {
    read,
    at: { jobId: read.job.id, wearerId: read.wearer.id, sheetId: read.job.sheetId },
    needed: workingsOf(read.style),
    cutFrom,
    pages: Object.fromEntries(ids.map((id) => [id, page(id)])) as unknown as {
      [Id in Ids[number]]: WorkingOnPage<Id>;
    },
  };
}
