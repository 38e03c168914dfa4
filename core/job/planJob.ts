import { type MeasureCode, missingMeasures, type Sheet, type Side } from "../body/index.ts";
import type { ClosedGarment } from "../calculation/index.ts";
import {
  type Cloth,
  type ClothSettings,
  type Direction,
  type GarmentLayer,
  goesRound,
  type LayupStretch,
  layupStretch,
  type SwatchTest,
  scaledCurve,
  type TestedLayer,
  testLayers,
} from "../cloth/index.ts";
import { closedBodyByZone, closedByZone, closedGarment } from "../corset/index.ts";
import {
  type EaseSettings,
  isBoned,
  type LikedGirth,
  neededMeasures,
  planStyle,
  type Style,
  type StyleInput,
  type StylePlan,
  type Zone,
} from "../ease/index.ts";
import type { Workings } from "../workings/index.ts";
import type { Job } from "./job.ts";

/** What a job is planned from, as far as it is there. */
export interface JobIngredients {
  readonly job: Job;
  readonly style: Style;
  readonly sheet: Sheet | null;
  readonly cloth: Cloth | null;
  /** All tests of the cloth. */
  readonly tests: readonly SwatchTest[];
  /** The layers it is made of, the outermost first, in place of the one cloth. */
  readonly layers?: readonly GarmentLayer[] | null;
  /** The elastic in its edges with its tests; null or left out where there is none. */
  readonly edge?: GarmentLayer | null;
  /** Stretch of the seams it is sewn with, ratio; null or left out while none was tried. */
  readonly seamStretch?: number | null;
  /** What was decided of a boned garment; null or left out while nothing was kept. */
  readonly corset?: Workings["corset"] | null;
  /** What of a ring does not stretch, by zone, mm, as its pieces are drawn; left out where all of it does. */
  readonly still?: StyleInput["still"];
  /** Garments of the wearer that fit, by zone. */
  readonly liked?: Readonly<Partial<Record<Zone, readonly LikedGirth[]>>>;
  /** What was entered for torso, cups and band, as far as it was kept. */
  readonly workings?: Partial<Workings>;
  readonly settings: EaseSettings;
  readonly clothSettings: ClothSettings;
}

/** Something a job still lacks. */
export type MissingThing =
  | { readonly what: "sheet" }
  | { readonly what: "measure"; readonly code: MeasureCode; readonly side: Side }
  | { readonly what: "cloth" }
  | { readonly what: "test"; readonly direction: Direction; readonly clothId: number; readonly clothName: string }
  | { readonly what: "school" }
  /** How much smaller than the body a boned garment closes. */
  | { readonly what: "reduction" }
  /** A zone of the style without a girth, and why the school chosen for it has none. */
  | { readonly what: "girth"; readonly zone: Zone; readonly why: string };

/** A plan with the cloth it rests on. */
export interface JobPlan {
  readonly plan: StylePlan;
  /** The counting test of the outermost layer. */
  readonly test: SwatchTest;
  readonly layers: readonly TestedLayer[];
  /** Layers of some pieces alone: cups, bridge and cradles. They do not go round the body with the others. */
  readonly ofParts: readonly TestedLayer[];
  readonly stretch: LayupStretch;
  /** Usable stretch of the edge elastic; null where there is none, or it was not tested. */
  readonly edgeUsable: number | null;
}

/** What there is of a job's plan, and what is missing for it. */
export interface PlannedJob {
  /** The boned garment it makes, as its reduction was decided; null of any other, and while nothing was. */
  readonly closed: ClosedGarment | null;
  /** Null until there is a sheet, a cloth and a test of every layer round the body. */
  readonly planned: JobPlan | null;
  readonly missing: readonly MissingThing[];
}

/** The layers a job is made of: those of its layup, or its one cloth. */
export const layersOf = ({ job, cloth, tests, layers }: JobIngredients): readonly GarmentLayer[] =>
  layers ?? (cloth ? [{ cloth, tests, direction: job.girthDirection }] : []);

/** Plans a job from what is there, and lists what is not. */
export function planJob(ingredients: JobIngredients): PlannedJob {
  const {
    job,
    style,
    sheet,
    settings,
    clothSettings,
    liked = {},
    edge = null,
    seamStretch = null,
    still = {},
  } = ingredients;
  const all = testLayers(layersOf(ingredients), clothSettings);
  const layers = all.filter(goesRound);
  const stretch = stiffened(layupStretch(layers, clothSettings), job.stiffness);
  const garment = closedOf(ingredients);
  const undecided = isBoned(style) && !garment;
  const missing: MissingThing[] = [
    ...(sheet
      ? missingMeasures(neededMeasures(style), sheet.values).map((which) => ({ what: "measure" as const, ...which }))
      : [{ what: "sheet" as const }]),
    ...(layers.length > 0 ? untested(all.filter(stretches)) : [{ what: "cloth" as const }]),
    ...(job.school ? [] : [{ what: "school" as const }]),
    ...(undecided ? [REDUCTION] : []),
  ];
  const test = layers[0]?.test;
  if (!sheet || !test || !stretch) return { planned: null, closed: garment, missing };
  const edgeUsable = edge ? (testLayers([edge], clothSettings)[0]?.result?.usable ?? null) : null;
  const [closed, closedBody] = [closedByZone(garment), closedBodyByZone(garment)];
  const plan = planStyle({
    ...{
      style,
      body: sheet,
      cloth: stretch,
      settings,
      choice: job,
      liked,
      edgeUsable,
      seamStretch,
      closed,
      closedBody,
      still,
    },
  });
  return {
    closed: garment,
    planned: { plan, test, layers, ofParts: all.filter((layer) => !goesRound(layer)), stretch, edgeUsable },
    missing: [...missing, ...(undecided ? [] : girthless(plan, job))],
  };
}

const REDUCTION: MissingThing = { what: "reduction" };

const closedOf = ({ style, sheet, settings, corset = null }: JobIngredients): ClosedGarment | null =>
  closedGarment({ style, corset, body: sheet && { ...sheet, ...settings, source: "" } });

/** Zones that stop a plan: a school was chosen, and has no answer there, or the measure is of no use. */
function girthless(plan: StylePlan, { school, zones }: Job): MissingThing[] {
  if (school === null) return [];
  const unusable = plan.missing.flatMap(({ zone, problem }) =>
    problem ? [{ what: "girth" as const, zone, why: problem }] : [],
  );
  return [
    ...unusable,
    ...plan.zones.flatMap(({ zone, chosen, bySchool }) => {
      if (chosen) return [];
      const by = zones[zone]?.by ?? school;
      const answer = by === "own" ? null : bySchool[by];
      return [{ what: "girth" as const, zone, why: answer && !answer.ok ? answer.problem.message : "none is set." }];
    }),
  ];
}

/** The stretch of a layup with its tension in wear as stiff as closure readings have shown the sewn garment to be. */
const stiffened = (stretch: LayupStretch | null, stiffness: number | null): LayupStretch | null =>
  stretch?.wear && stiffness !== null ? { ...stretch, wear: scaledCurve(stretch.wear, stiffness) } : stretch;

/** Layers whose tests count: bridge and cradles do not stretch. */
const stretches = ({ role }: TestedLayer): boolean => role !== "frame";

const untested = (layers: readonly TestedLayer[]): MissingThing[] =>
  layers
    .filter(({ result }) => result === null)
    .map(({ cloth, direction }) => ({ what: "test", direction, clothId: cloth.id, clothName: cloth.name }));
