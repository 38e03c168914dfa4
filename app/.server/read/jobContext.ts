import type { RouterContextProvider } from "react-router";
import { type Sheet, sheetWords, type Wearer } from "../../../core/body/index.ts";
import type { Cloth, ClothSettings, GarmentLayer, KeptLayup, SwatchTest } from "../../../core/cloth/index.ts";
import {
  type EaseSettings,
  type EaseSources,
  type LikedOnBody,
  likedByZone,
  likedOnBody,
  type Style,
  schoolOf,
} from "../../../core/ease/index.ts";
import {
  type CoursesBefore,
  cutLengths,
  decidedChanges,
  type Finding,
  type Fitting,
  type NextLength,
  type NextRing,
  nextLengths,
  nextPlan,
  type OwnChange,
  openFindings,
  type Prototype,
  ringsOf,
} from "../../../core/fitting/index.ts";
import {
  type Job,
  type JobIngredients,
  type JobPlan,
  type MovedRing,
  movedOn,
  type PlannedJob,
  planJob,
  type Step,
  stepsOf,
} from "../../../core/job/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import type { Repositories } from "../../../data/store.ts";
import { found, idFrom, storeOf } from "../http/answers.ts";
import { readWorkshopSettings, settingsWords } from "./workshopSettings.ts";

/** A job with everything it rests on, read in one go; what the pages of a job show is computed from it. */
export interface JobContext extends JobIngredients {
  readonly job: Job;
  readonly style: Style;
  readonly wearer: Wearer;
  readonly sheet: Sheet | null;
  readonly cloth: Cloth | null;
  readonly tests: readonly SwatchTest[];
  readonly layup: KeptLayup | null;
  readonly edge: GarmentLayer | null;
  readonly likedGarments: readonly LikedOnBody[];
  readonly settings: EaseSettings;
  readonly clothSettings: ClothSettings;
  /** How explanations name the settings. */
  readonly settingsName: string;
  readonly prototypes: readonly Prototype[];
  readonly fittings: readonly Fitting[];
  /** Changes that no finding asked for. */
  readonly ownChanges: readonly OwnChange[];
  readonly planned: PlannedJob;
}

/** Reads a job whole; a 404 page where it does not exist. */
export async function readJob(repositories: Repositories, jobId: number): Promise<JobContext> {
  const job = found(await repositories.jobs.find(jobId), "job");
  const wearer = found(await repositories.wearers.find(job.wearerId), "wearer");
  const ingredients = await readIngredients(repositories, job);
  const prototypes = await repositories.prototypes.ofJob(job.id);
  const fittings = await repositories.fittings.ofPrototypes(prototypes.map(({ id }) => id));
  const ownChanges = await repositories.changes.ownOfJob(job.id);
  return { ...ingredients, wearer, prototypes, fittings, ownChanges, planned: planJob(ingredients) };
}

type Ingredients = Pick<
  JobContext,
  | "job"
  | "style"
  | "sheet"
  | "cloth"
  | "tests"
  | "layup"
  | "layers"
  | "edge"
  | "liked"
  | "likedGarments"
  | "settings"
  | "clothSettings"
  | "settingsName"
>;

/** Reads what a job is planned from. */
export async function readIngredients(repositories: Repositories, job: Job): Promise<Ingredients> {
  const { sheets, cloths, layups, styles } = repositories;
  const workshop = await readWorkshopSettings(repositories);
  const layup = job.layupId === null ? null : await layups.find(job.layupId);
  const cloth = job.clothId === null ? null : await cloths.find(job.clothId);
  // They take a while to read, and count only where the school that goes by them was chosen.
  const likedGarments = goesByLiked(job) ? await readLiked(repositories, job.wearerId, workshop) : [];
  return {
    job,
    style: found(await styles.find(job.styleId), "style"),
    sheet: job.sheetId === null ? null : await sheets.find(job.sheetId),
    cloth,
    tests: cloth ? await cloths.testsOf(cloth.id) : [],
    layup,
    layers: layup ? await layersOfLayup(repositories, layup) : null,
    edge: job.edgeElasticId === null ? null : await oneLayer(repositories, job.edgeElasticId),
    liked: likedByZone(likedGarments),
    likedGarments,
    settings: workshop.ease,
    clothSettings: workshop.cloth,
    settingsName: settingsWords(workshop),
  };
}

const goesByLiked = ({ school, zones }: Job): boolean =>
  [school, ...Object.values(zones).map(({ by }) => by)].some((by) => by && by !== "own" && schoolOf(by).goesByLiked);

/** A job with the answers of every school, those by the garments that fit included. */
export async function withEverySchool(repositories: Repositories, read: JobContext): Promise<JobContext> {
  if (goesByLiked(read.job)) return read;
  const { settings: ease, clothSettings: cloth } = read;
  const likedGarments = await readLiked(repositories, read.job.wearerId, { ease, cloth });
  const whole = { ...read, likedGarments, liked: likedByZone(likedGarments) };
  return { ...whole, planned: planJob(whole) };
}

async function layersOfLayup({ cloths }: Pick<Repositories, "cloths">, { layers }: KeptLayup): Promise<GarmentLayer[]> {
  const shelf = await cloths.findAll(layers.map(({ clothId }) => clothId));
  return layers.flatMap(({ clothId, direction }) => {
    const cloth = shelf.find(({ id }) => id === clothId);
    return cloth ? [{ cloth, tests: cloth.tests, direction }] : [];
  });
}

/** An elastic is pulled along its length. */
async function oneLayer({ cloths }: Pick<Repositories, "cloths">, clothId: number): Promise<GarmentLayer | null> {
  const [cloth] = await cloths.findAll([clothId]);
  return cloth ? { cloth, tests: cloth.tests, direction: "along" } : null;
}

/** The wearer's garments that fit, each on the body of its nearest sheet and in its own cloth. */
export async function readLiked(
  { liked, sheets, cloths }: Pick<Repositories, "liked" | "sheets" | "cloths">,
  wearerId: number,
  { ease, cloth: clothSettings }: { ease: EaseSettings; cloth: ClothSettings },
): Promise<LikedOnBody[]> {
  const garments = await liked.ofWearer(wearerId);
  if (garments.length === 0) return [];
  const taken = await sheets.ofWearer(wearerId);
  const shelf = await cloths.findAll(garments.flatMap(({ clothId }) => clothId ?? []));
  return garments.map((garment) => {
    const cloth = shelf.find(({ id }) => id === garment.clothId);
    const layer = cloth ? { cloth, tests: cloth.tests, direction: garment.direction } : null;
    return likedOnBody(garment, taken, layer, { fingerAllowanceMm: ease.fingerAllowanceMm, cloth: clothSettings });
  });
}

const readOnce = new WeakMap<Readonly<RouterContextProvider>, Promise<JobContext>>();

/** The job of a page, read once for all loaders of one request (the frame's and the step's). */
export function jobOfPage(
  context: Readonly<RouterContextProvider>,
  jobIdText: string | undefined,
): Promise<JobContext> {
  const reading = readOnce.get(context) ?? readJob(storeOf(context), idFrom(jobIdText, "job"));
  readOnce.set(context, reading);
  return reading;
}

/** Rings planned from today's body and cloth with every decided change in; empty until a school was chosen. */
export function ringsToday({ planned, fittings, ownChanges }: JobContext): NextRing[] {
  if (!planned.planned) return [];
  const { plan, stretch } = planned.planned;
  return nextPlan(ringsOf(plan.zones), decidedChanges(fittings, ownChanges), stretch);
}

/** Lengths planned from today's body and cloth with every decided change in; empty until a school was chosen. */
export const lengthsToday = ({ job, planned, fittings, ownChanges }: JobContext): NextLength[] =>
  planned.planned && job.school
    ? nextLengths(cutLengths(planned.planned.plan.lengths[job.school]), decidedChanges(fittings, ownChanges))
    : [];

/** Girths and lengths as they are cut today without the changes that are in no prototype yet. */
export function cutSoFar(read: JobContext): CoursesBefore {
  const cut = (one: Finding) => one.change?.cutInto != null;
  const fittings = read.fittings.map((fitting) => ({ ...fitting, findings: fitting.findings.filter(cut) }));
  const so = { ...read, fittings, ownChanges: read.ownChanges.filter(({ change }) => change.cutInto !== null) };
  return { rings: ringsToday(so), lengths: lengthsToday(so) };
}

/** What has moved in the plan since the last prototype; empty while there is none. */
export function movedSinceLast(context: JobContext): MovedRing[] {
  const last = context.prototypes.at(-1);
  return last ? movedOn(last.frozen.rings, ringsToday(context)) : [];
}

/** The steps of the job for its rail; those of torso, cups and band are given. */
export function jobSteps(context: JobContext, further: readonly Step[]): Step[] {
  return stepsOf(context.planned, {
    prototypeCount: context.prototypes.length,
    openFindings: openFindings(context.fittings).length,
    signedOff: context.job.signedOff !== null,
    movedOn: movedSinceLast(context).length > 0,
    chart: context.job.chartId !== null,
    further,
  });
}

/** What explanations name as their sources; null until there is a plan. */
export function easeSources({ sheet, planned, settings, settingsName, clothSettings }: JobContext): EaseSources | null {
  if (!sheet || !planned.planned) return null;
  const { stretch } = planned.planned;
  return {
    sheet: sheetWords(sheet, settings.fingerAllowanceMm),
    test: testWords(planned.planned),
    wear: wearWords(planned.planned, clothSettings),
    settings: settingsName,
    usable: stretch.usable,
    recovery: stretch.recovery,
  };
}

/** Names the test that sets the usable stretch: `hand test across, 12 March 2026`, and of layers the layer. */
function testWords({ layers, stretch }: JobPlan): string {
  const layer = layers.find(({ cloth }) => cloth.name === stretch.setBy) ?? layers[0];
  if (!layer?.test) return "";
  const how = stretch.basis === "hand" ? "hand test" : "load ladder";
  const of = layers.length > 1 ? ` of ${layer.cloth.name}` : "";
  return `${how} ${layer.direction}${of}, ${formatDay(layer.test.testedOn)}`;
}

function wearWords({ layers, stretch }: JobPlan, { wearFactor }: ClothSettings): string {
  const of = layers.length > 1 ? `${layers.length} layers together, ` : "";
  return stretch.wearBasis === "return" ? `${of}read on the way back` : `${of}${wearFactor} of the loading curve`;
}
