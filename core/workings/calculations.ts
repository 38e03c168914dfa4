import { bandCalculation, hooksCalculation, strapCalculation, wireCalculation } from "../band/index.ts";
import { bonesCalculation } from "../bones/index.ts";
import type {
  CalculatedStyle,
  Calculation,
  CalculationStep,
  JobFacts,
  Reckoning,
  WorkingField,
} from "../calculation/index.ts";
import { corsetCalculation } from "../corset/index.ts";
import { bustRoomCalculation, cupCalculation, dartCalculation, labelCalculation } from "../cups/index.ts";
import { daysCalculation } from "../days/index.ts";
import { elasticsCalculation, waistElastic } from "../elastics/index.ts";
import { LAYOUTS } from "../layout/index.ts";
import { materialsCalculation } from "../materials/index.ts";
import { leftOut, partsCalculation } from "../parts/index.ts";
import { type CutOfJob, type DrawnJob, drawnSets, PIECES } from "../pieces/index.ts";
import { seamsCalculation } from "../seams/index.ts";
import { sewingCalculation } from "../sewing/index.ts";
import { riseCalculation, trunkCalculation } from "../torso/index.ts";
import { wearCalculation } from "../wear/index.ts";

/** Every calculation of a job in the order of the work, under the name it is kept by. */
export const CALCULATIONS = {
  corset: corsetCalculation,
  trunk: trunkCalculation,
  rise: riseCalculation,
  bustRoom: bustRoomCalculation,
  dart: dartCalculation,
  cup: cupCalculation,
  label: labelCalculation,
  band: bandCalculation,
  strap: strapCalculation,
  closure: hooksCalculation,
  wire: wireCalculation,
  parts: partsCalculation,
  ...PIECES,
  elastics: elasticsCalculation,
  bones: bonesCalculation,
  ...LAYOUTS,
  materials: materialsCalculation,
  seams: seamsCalculation,
  sewing: sewingCalculation,
  days: daysCalculation,
  wear: wearCalculation,
} as const;

type All = typeof CALCULATIONS;

/** One of the calculations. */
export type WorkingId = keyof All;

/** What the maker enters for the calculations of one job, beside its body and its cloth. */
export type Workings = { readonly [Id in WorkingId]: All[Id]["fresh"] };

/** What each calculation of a job is reckoned from beside what the maker enters. */
export type WorkingFacts = { readonly [Id in WorkingId]: ReturnType<All[Id]["facts"]> };

/** What each calculation comes to. */
export type Reckonings = { readonly [Id in WorkingId]: ReturnType<All[Id]["reckon"]> };

/** All calculations, in the order of the work. */
export const WORKING_IDS = Object.keys(CALCULATIONS) as readonly WorkingId[];

/** A calculation where it does not matter which. */
export const calculationOf = (id: WorkingId): AnyCalculation => CALCULATIONS[id] as unknown as AnyCalculation;

type AnyCalculation = Calculation<object, unknown, Reckoning, DrawnJob>;

const byId = <Value>(of: (one: AnyCalculation) => Value): Record<WorkingId, Value> =>
  Object.fromEntries(WORKING_IDS.map((id) => [id, of(calculationOf(id))])) as Record<WorkingId, Value>;

/** All workings of a job before anything is entered. */
export const NEW_WORKINGS = byId(({ fresh }) => fresh) as Workings;

/** True for a text that names a calculation. */
export const isWorkingId = (text: string | undefined): text is WorkingId =>
  text !== undefined && Object.hasOwn(CALCULATIONS, text);

/** The calculations a style needs: torso for what runs down the body, cups for what covers a bust, bands for bras. */
export const workingsOf = (style: CalculatedStyle): readonly WorkingId[] =>
  WORKING_IDS.filter((id) => CALCULATIONS[id].appears(style));

/** The calculations of a style that a step shows. */
export const workingsOfStep = (style: CalculatedStyle, step: CalculationStep): readonly WorkingId[] =>
  workingsOf(style).filter((id) => CALCULATIONS[id].step === step);

/** The fields of a calculation with their names. */
export const fieldsOfWorking = (id: WorkingId): readonly (readonly [string, WorkingField])[] =>
  Object.entries(CALCULATIONS[id].fields as Record<string, WorkingField>);

/**
 * The facts of all calculations of a job, each gathered when it is first looked at: a page shows few of them.
 * @param cut what prototypes and fittings made of its pieces, for what rests on them.
 */
export function workingFacts(job: JobFacts, cut: CutOfJob = {}): WorkingFacts {
  const parts = (job.keptWorkings.parts ?? CALCULATIONS.parts.fresh) as Workings["parts"];
  const facts = {};
  const elastics = job.keptWorkings.elastics as Workings["elastics"] | undefined;
  const seen: DrawnJob = {
    without: leftOut(parts),
    elasticChanges: cut.elasticChanges ?? [],
    elasticsWaiting: cut.elasticsWaiting ?? [],
    undrawn: once(() =>
      partsCalculation
        .reckon(parts, (facts as WorkingFacts).parts)
        .rows.filter(({ drawn, own, apart }) => !drawn && !own && apart === null),
    ),
    waistElastic: once(() => waistElastic(elastics, (facts as WorkingFacts).elastics)),
    ...job,
    drawn: once(() => drawnSets(job, cut.pieces ?? [], (id) => (facts as WorkingFacts)[id])),
  };
  for (const id of WORKING_IDS)
    Object.defineProperty(facts, id, { enumerable: true, get: once(() => calculationOf(id).facts(seen)) });
  return facts as WorkingFacts;
}

/** Works something out the first time it is asked for. */
function once<Value>(of: () => Value): () => Value {
  let known: { readonly value: Value } | null = null;
  return () => {
    known ??= { value: of() };
    return known.value;
  };
}

/** Does one calculation of a job: on the server from what is kept, in the browser from what is being typed. */
export const reckonWorking = <Id extends WorkingId>(
  id: Id,
  working: Workings[Id],
  facts: WorkingFacts[Id],
): Reckonings[Id] => calculationOf(id).reckon(working, facts) as Reckonings[Id];
