import { bodyValue, largerSide, type MeasureCode, nameOf } from "../body/index.ts";
import { type BodyFacts, type JobFacts, type Lack, type Reckoned, type Wants, wantsOf } from "../calculation/index.ts";
import type { DraftFacts, Recipe, Sided } from "../drafting/index.ts";
import { FRONT_ARCS, girthBodies, isZone, ZONE_MEASURES, ZONE_NAMES, type Zone } from "../ease/index.ts";
import type { Elsewhere } from "../standing/index.ts";
import { cutLengthsOf } from "./cutLengths.ts";
import type { Decided, SaidOfOptions } from "./said/saidOfOptions.ts";
import { type StretchOnBody, stretchOnBody } from "./stretchOnBody.ts";
import { drawnGirth } from "./zoneGirth.ts";

/** What pieces of a job are drawn from beside the options. */
export interface PieceFacts {
  readonly drawn: Omit<DraftFacts, "options">;
  /** Options that the style or the cloth decides where nothing else is set, by their name. */
  readonly usual: Readonly<Record<string, number>>;
  /** Options that other steps of the job were told, where nothing is set here. */
  readonly elsewhere: Elsewhere;
  /** Options that were decided elsewhere in the job, whatever is set: a busk opens the centre front. Left out for none. */
  readonly decided?: Decided;
  readonly stretch: StretchOnBody;
  /** How far the cloth stretches round the body; null where it was not tested. */
  readonly usable: number | null;
  /** Lengths as cut, each with its way. */
  readonly numbers: readonly Reckoned[];
  readonly lacks: readonly Lack[];
  readonly notes: readonly string[];
}

/** Of a job whose style the recipe is not for. */
export const NO_PIECES: PieceFacts = {
  drawn: { measures: {}, girths: {}, lengths: {} },
  usual: {},
  elsewhere: {},
  stretch: { along: { front: null, back: null, side: null }, round: {} },
  usable: null,
  numbers: [],
  lacks: [],
  notes: [],
};

/** Gathers what a recipe needs from a job: the body as measured, planned girths, lengths as cut. */
export function pieceFactsOf(recipe: Recipe, job: JobFacts, said: SaidOfOptions): PieceFacts {
  const wants = wantsOf(job.body);
  const { girths, notes } = girthsFor(recipe, job, wants);
  const { cut, problems } = cutLengthsOf(
    recipe.lengths.map(({ id }) => id),
    job,
  );
  // What is drawn side by side is asked for side by side.
  for (const { id, needed, apart } of recipe.measures)
    if (needed && apart) for (const side of ["left", "right"] as const) wants.length(id, side);
  for (const { code, problem } of problems) {
    if (!recipe.lengths.some(({ id, needed }) => needed && id === code)) continue;
    if (problem.code === "no-measure") wants.length(code);
    else wants.plan(problem.message);
  }
  return {
    drawn: {
      measures: measuresFor(recipe, job.body),
      girths,
      lengths: Object.fromEntries(cut.map(({ code, cutMm }) => [code, cutMm])),
    },
    usual: { ...(job.rollWidthMm === null ? {} : { roll_width: job.rollWidthMm }), ...said.usual?.(job, cut) },
    elsewhere: said.elsewhere?.(job, cut) ?? {},
    decided: said.decided?.(job) ?? {},
    stretch: stretchOnBody(cut, job.plan),
    usable: job.stretch?.usable ?? null,
    numbers: cut.map(({ code, explanation }) => ({ id: `cut.${code}`, name: explanation.title, explanation })),
    lacks: wants.lacks,
    notes,
  };
}

const NO_SCHOOL = "Needs a chosen school: it decides every girth and length the pieces are drawn to.";

/** Lengths that say where a zone lies that pieces can do without. */
const HEIGHTS: Readonly<Partial<Record<Zone, MeasureCode>>> = {
  underbust: "underbust_to_waist",
  highHip: "waist_to_high_hip",
};

function girthsFor(recipe: Recipe, { plan, school, body }: JobFacts, wants: Wants) {
  const girths: Record<string, number> = {};
  const notes: string[] = [];
  const needs = recipe.girths.flatMap(({ id, needed }) => (isZone(id) ? [{ id, needed }] : []));
  if (needs.length === 0) return { girths, notes };
  if (!plan) wants.plan("Needs an ease plan: a sheet of the body, and a cloth that was tested.");
  else if (!school) wants.plan(NO_SCHOOL);
  else {
    for (const { id, needed } of needs) {
      if (!needed && !plan.zones.some(({ zone }) => zone === id)) continue;
      const height = needed ? undefined : HEIGHTS[id];
      if (height && body && !bodyValue(body.values, height)) {
        const [zone, code] = [ZONE_NAMES[id].toLowerCase(), nameOf(height, "single").toLowerCase()];
        notes.push(`The side is drawn without the ${zone}: ${code}, its height, was not taken.`);
        continue;
      }
      const girth = drawnGirth(id, plan, wants);
      if (girth) girths[id] = girth.mm;
      else if (needed && plan.zones.every(({ zone }) => zone !== id) && wants.lacks.length === 0)
        wants.plan(`Needs a planned girth of the ${id}, and this style has none.`);
      if (girth?.note) notes.push(girth.note);
    }
    for (const { zone, chosen } of plan.zones)
      if (!chosen && recipe.girths.some(({ id, needed }) => needed && id === zone))
        wants.plan(`The ease plan has no girth at the ${zone} yet.`);
    for (const { zone } of plan.missing)
      if (recipe.girths.some(({ id, needed }) => needed && id === zone)) wants.girth(ZONE_MEASURES[zone]);
  }
  return { girths, notes };
}

const ARCS = new Set<MeasureCode>(Object.values(FRONT_ARCS));

/** What was taken of the measures a recipe looks at: girths snug, all others as taken; of two sides the larger, or both where each is drawn by its own. */
export function measuresFor(
  { measures }: { readonly measures: readonly Pick<Recipe["measures"][number], "id" | "apart">[] },
  body: BodyFacts | null,
): Record<string, Sided> {
  if (!body) return {};
  const read = (code: MeasureCode): number | undefined =>
    isGirth(code)
      ? girthBodies(code, body, body.fingerAllowanceMm)?.plan.snugMm
      : (bodyValue(body.values, code) ?? largerSide(body.values, code)?.larger)?.mm;
  const sided = (code: MeasureCode): Sided | undefined => {
    const [left, right] = [bodyValue(body.values, code, "left"), bodyValue(body.values, code, "right")];
    return left && right ? { left: left.mm, right: right.mm } : undefined;
  };
  return Object.fromEntries(
    measures.flatMap(({ id, apart }): [string, Sided][] => {
      const value = apart ? sided(id) : read(id);
      return value === undefined ? [] : [[id, value]];
    }),
  );
}

const GIRTHS = new Set<MeasureCode>(Object.values(ZONE_MEASURES));
const isGirth = (code: MeasureCode): boolean => GIRTHS.has(code) && !ARCS.has(code);
