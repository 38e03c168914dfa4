import { evaluateLadder, type LoadLadder, stepTension } from "../../core/cloth/index.ts";
import {
  choice,
  group,
  isWhole,
  listOf,
  type Messages,
  orElse,
  orNull,
  readTree,
  swatchLength,
  typedLoad,
  type ValueOf,
} from "../../formats/form/index.ts";
import { draftName } from "../../formats/kept/draftNames.ts";
import { inRow } from "../form/rows/withRows.ts";
import type { Fields } from "../form/unsaved.ts";

/** Name under which a cloth's half-filled ladder is kept, whether typed or read from the gauge. */
export const ladderDraft = (clothId: number): string => draftName("swatch-test", clothId);

/** Most steps of one ladder: three cycles of a dozen loads, there and back. */
export const MOST_STEPS = 72;

/** Name of the list of steps, and of the fields of one, counted from 0. */
export const STEPS = "ladder.steps";
export const stepFields = (row: number) =>
  ({
    force: inRow(STEPS, row, "force"),
    length: inRow(STEPS, row, "length"),
    phase: inRow(STEPS, row, "phase"),
    cycle: inRow(STEPS, row, "cycle"),
  }) as const;

/** A length of a swatch; what it may be beside the others is for its test to say. */
export const swatch = () => swatchLength({ mostMm: 10_000, zero: true });

/** A ladder as typed; what it needs once it has a step is for {@link ladderOf} to say. */
export const ladderSchema = group({
  form: orElse(choice("how it was clamped", ["strip", "loop"]), "strip"),
  width: orNull(swatch()),
  gauge: orNull(swatch()),
  after: orNull(swatch()),
  after30: orNull(swatch()),
  steps: listOf(
    group({
      force: typedLoad(),
      length: swatch(),
      phase: orElse(choice("a way", ["load", "unload"]), "load"),
      cycle: orElse(choice("a cycle", ["1", "2", "3"]), "1"),
    }),
    { rowBy: ["force", "length"], most: MOST_STEPS, title: "step" },
  ),
});

/** How much narrower the swatch grew. */
export const neckSchema = group({ rest: orNull(swatch()), stretched: orNull(swatch()), at: orNull(swatch()) });

const schema = group({ ladder: ladderSchema, neck: neckSchema });

type Typed = ValueOf<typeof schema>;

/** Name of a form's field by the JSON pointer of what was read from it. */
type NameOf = (pointer: string) => string;

/** What a length says that is missing beside others. */
export const EMPTY_LENGTH = "Expected a length such as 162 mm or 6 3/8 in, but the field is empty.";

/** Field that a problem of the whole ladder belongs to, as a JSON pointer. */
const FIELD_OF_PROBLEM: Readonly<Record<string, string>> = {
  "gauge-out-of-range": "/ladder/gauge",
  "width-out-of-range": "/ladder/width",
  "no-load-step": "/ladder/steps/0/force",
  "negative-force": "/ladder/steps/0/force",
  "step-not-stretched": "/ladder/steps/0/length",
  "after-below-gauge": "/ladder/after",
  "after-above-stretched": "/ladder/after",
  "neck-in-unreadable": "/neck/stretched",
};

/** The ladder a form holds: none where no step is filled in, and what is wrong with it by field. */
export function ladderOf(typed: Typed, nameOf: NameOf): { ladder: LoadLadder | null; errors: Messages } {
  const { width: widthMm, gauge: gaugeMm } = typed.ladder;
  if (typed.ladder.steps.length === 0) return { ladder: null, errors: {} };
  const errors = missing(typed, nameOf);
  if (widthMm === null || gaugeMm === null || Object.keys(errors).length > 0) return { ladder: null, errors };
  const ladder: LoadLadder = {
    form: typed.ladder.form,
    widthMm,
    gaugeMm,
    steps: typed.ladder.steps.map(({ force, length, phase, cycle }) => ({
      forceN: force.newtons,
      lengthMm: length,
      phase,
      cycle: cycle === "3" ? 3 : cycle === "2" ? 2 : 1,
    })),
    afterMm: typed.ladder.after,
    after30MinMm: typed.ladder.after30,
    neckIn: neckIn(typed.neck),
  };
  const doubted = { ...notStretched(ladder, nameOf), ...bareLoads(typed.ladder.steps, ladder, nameOf) };
  if (Object.keys(doubted).length > 0) return { ladder: null, errors: doubted };
  const evaluated = evaluateLadder(ladder);
  if (evaluated.ok) return { ladder, errors: {} };
  const at = FIELD_OF_PROBLEM[evaluated.problem.code];
  return { ladder: null, errors: { [at ? nameOf(at) : "form"]: evaluated.problem.message } };
}

/** The ladder of a form while it is typed; null until it is whole and makes sense. */
export function readLadder(fields: Fields): LoadLadder | null {
  const { value, errors, names } = readTree(schema, fields, { unit: "mm", today: "" });
  if (Object.keys(errors).length > 0 || !isWhole(schema, value)) return null;
  return ladderOf(value as Typed, (pointer) => names.get(pointer) ?? "form").ladder;
}

/** A ladder with a step needs its width and its gauge; a neck-in all of its three lengths or none. */
function missing({ ladder, neck }: Typed, nameOf: NameOf): Messages {
  const begun = Object.values(neck).some((one) => one !== null);
  const needed = [
    ["/ladder/width", ladder.width],
    ["/ladder/gauge", ladder.gauge],
    ...(begun ? Object.entries(neck).map(([name, mm]) => [`/neck/${name}`, mm] as const) : []),
  ] as const;
  return Object.fromEntries(needed.filter(([, mm]) => mm === null).map(([pointer]) => [nameOf(pointer), EMPTY_LENGTH]));
}

const neckIn = ({ rest, stretched, at }: Typed["neck"]): LoadLadder["neckIn"] =>
  rest === null || stretched === null || at === null ? null : { restMm: rest, stretchedMm: stretched, atLengthMm: at };

const notStretched = ({ steps, gaugeMm }: LoadLadder, nameOf: NameOf): Messages =>
  Object.fromEntries(
    steps.flatMap(({ lengthMm }, step) =>
      lengthMm > gaugeMm
        ? []
        : [
            [
              nameOf(`/ladder/steps/${step}/length`),
              `Expected more than the gauge of ${gaugeMm} mm, but it is ${lengthMm} mm.`,
            ],
          ],
    ),
  );

/** Tension no swatch is pulled to by hand or by weights, N/m: a bare number that comes to it was meant in grams. */
const DOUBTED_N_PER_M = 3000;

const NEWTON_PER_KG = 9.80665;

/** Asks for the unit of a bare load that would tear the strip; one that names its unit is taken at its word. */
const bareLoads = (typed: Typed["ladder"]["steps"], ladder: LoadLadder, nameOf: NameOf): Messages =>
  Object.fromEntries(
    typed.flatMap(({ force: { text, newtons } }, step) =>
      /[a-z]/i.test(text) || !(stepTension(ladder, newtons) > DOUBTED_N_PER_M)
        ? []
        : [
            [
              nameOf(`/ladder/steps/${step}/force`),
              `Expected a load with its unit: ${text} N, as heavy as ${(newtons / NEWTON_PER_KG).toFixed(1)} kg, would tear a strip of ${ladder.widthMm} mm. Write ${text} g, or ${text} N if it is.`,
            ],
          ],
    ),
  );
