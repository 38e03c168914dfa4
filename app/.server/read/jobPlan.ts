import type { RouterContextProvider } from "react-router";
import { type Sheet, sheetWords, type Wearer } from "../../../core/body/index.ts";
import { bareBeside, type ShelfStock } from "../../../core/calculation/index.ts";
import type { Cloth, ClothSettings, GarmentLayer, KeptLayup, SwatchTest } from "../../../core/cloth/index.ts";
import {
  type EaseSettings,
  type EaseSources,
  type LikedOnBody,
  likedByZone,
  type Style,
  schoolOf,
} from "../../../core/ease/index.ts";
import {
  type Job,
  type JobIngredients,
  type JobPlan,
  type PlannedJob,
  planJob,
  plannedByStyle,
  stillOf,
} from "../../../core/job/index.ts";
import { seamStretch, trialInUse } from "../../../core/seams/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { type KeptWorkings, workingsKept } from "../../../data/jobs/index.ts";
import type { Repositories } from "../../../data/store.ts";
import { found, idFrom, storeOf } from "../http/answers.ts";
import { readLiked } from "./likedGarments.ts";
import { readWorkshopSettings, settingsWords } from "./workshopSettings.ts";

/** A job with what it is planned from, and its plan: what its head, its rail and its steps up to the prototypes show. */
export interface JobPlanContext extends JobIngredients {
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
  readonly shelf: ShelfStock;
  /** What is kept of its calculations: the seams of it count in the plan. */
  readonly keptWorkings: KeptWorkings;
  /** How explanations name the settings. */
  readonly settingsName: string;
  readonly planned: PlannedJob;
}

/** Reads what a job is planned from, and plans it; a 404 page where it does not exist. */
export async function readJobPlan(repositories: Repositories, jobId: number): Promise<JobPlanContext> {
  const job = found(await repositories.jobs.find(jobId), "job");
  const wearer = found(await repositories.wearers.find(job.wearerId), "wearer");
  const bare = await readIngredients(repositories, job);
  const ingredients = {
    ...bare,
    still: stillOf(bare, bareBeside(besideNames(bare, wearer)), workingsKept(bare.keptWorkings)),
  };
  return { ...ingredients, wearer, planned: planJob(ingredients) };
}

/** How explanations name what a job rests on. */
export const besideNames = (
  { sheet, settings, settingsName }: Pick<JobPlanContext, "sheet" | "settings" | "settingsName">,
  { kind, child }: Wearer,
) => ({
  sheetName: sheet ? sheetWords(sheet, settings.fingerAllowanceMm) : "",
  settingsName,
  isForm: kind === "form",
  isChild: child,
});

async function readIngredients(
  repositories: Repositories,
  job: Job,
): Promise<Omit<JobPlanContext, "wearer" | "planned">> {
  const { sheets, cloths, layups, styles, workings } = repositories;
  const keptWorkings = await workings.ofJob(job.id);
  const workshop = await readWorkshopSettings(repositories);
  const layup = job.layupId === null ? null : await layups.find(job.layupId);
  const cloth = job.clothId === null ? null : await cloths.find(job.clothId);
  // They take a while to read, and count only where the school that goes by them was chosen.
  const likedGarments = goesByLiked(job) ? await readLiked(repositories, job.wearerId, workshop) : [];
  const style = found(await styles.find(job.styleId), "style");
  return {
    job: plannedByStyle(job, style),
    style,
    sheet: job.sheetId === null ? null : await sheets.find(job.sheetId),
    cloth,
    tests: cloth ? await cloths.testsOf(cloth.id) : [],
    layup,
    layers: layup ? await layersOfLayup(repositories, layup) : null,
    edge: job.edgeElasticId === null ? null : await oneLayer(repositories, job.edgeElasticId),
    keptWorkings,
    seamStretch: seamStretchOf(keptWorkings),
    corset: keptWorkings.corset.version > 0 ? keptWorkings.corset.working : null,
    liked: likedByZone(likedGarments),
    likedGarments,
    settings: workshop.ease,
    clothSettings: workshop.cloth,
    shelf: workshop.shelf,
    settingsName: settingsWords(workshop),
  };
}

/** What the seams of a job stretch by the set-up it is sewn with; null while none was chosen. */
function seamStretchOf({ seams }: Pick<KeptWorkings, "seams">): number | null {
  const used = trialInUse(seams.working);
  return used && seamStretch(used.lengthMm, used.gaugeMm);
}

const goesByLiked = ({ school, zones }: Job): boolean =>
  [school, ...Object.values(zones).map(({ by }) => by)].some((by) => by && by !== "own" && schoolOf(by).goesByLiked);

/** A job with the answers of every school, those by the garments that fit included. */
export async function withEverySchool(repositories: Repositories, read: JobPlanContext): Promise<JobPlanContext> {
  if (goesByLiked(read.job)) return read;
  const { settings: ease, clothSettings: cloth } = read;
  const likedGarments = await readLiked(repositories, read.job.wearerId, { ease, cloth });
  const whole = { ...read, likedGarments, liked: likedByZone(likedGarments) };
  return { ...whole, planned: planJob(whole) };
}

async function layersOfLayup({ cloths }: Pick<Repositories, "cloths">, { layers }: KeptLayup): Promise<GarmentLayer[]> {
  const shelf = await cloths.findAll(layers.map(({ clothId }) => clothId));
  return layers.flatMap(({ clothId, direction, role }) => {
    const cloth = shelf.find(({ id }) => id === clothId);
    return cloth ? [{ cloth, tests: cloth.tests, direction, role }] : [];
  });
}

/** An elastic is pulled along its length. */
async function oneLayer({ cloths }: Pick<Repositories, "cloths">, clothId: number): Promise<GarmentLayer | null> {
  const [cloth] = await cloths.findAll([clothId]);
  return cloth ? { cloth, tests: cloth.tests, direction: "along" } : null;
}

const readOnce = new WeakMap<Readonly<RouterContextProvider>, Promise<JobPlanContext>>();

/** The plan of a page's job, read once for all loaders of one request (the frame's and the step's). */
export function planOfPage(
  context: Readonly<RouterContextProvider>,
  jobIdText: string | undefined,
): Promise<JobPlanContext> {
  const reading = readOnce.get(context) ?? readJobPlan(storeOf(context), idFrom(jobIdText, "job"));
  readOnce.set(context, reading);
  return reading;
}

/** What explanations name as their sources; null until there is a plan. */
export function easeSources({
  sheet,
  planned,
  settings,
  settingsName,
  clothSettings,
}: JobPlanContext): EaseSources | null {
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
