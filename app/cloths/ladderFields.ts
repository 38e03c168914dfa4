import { evaluateLadder, type LadderStep, type LoadLadder, type NeckIn, stepTension } from "../../core/cloth/index.ts";
import { parseForce } from "../../core/units/index.ts";
import { draftName } from "../../formats/kept/draftNames.ts";
import type { Fields } from "../form/unsaved.ts";
import { parseSwatchLength } from "./swatchLength.ts";

/** Name under which a cloth's half-filled ladder is kept, whether typed or read from the gauge. */
export const ladderDraft = (clothId: number): string => draftName("swatch-test", clothId);

/** Most steps of one ladder: three cycles of a dozen loads, there and back. */
export const MOST_STEPS = 72;

/** Names of the form fields of one step, counted from 1. */
export const stepFields = (step: number) =>
  ({
    force: `step.${step}.force`,
    length: `step.${step}.length`,
    phase: `step.${step}.phase`,
    cycle: `step.${step}.cycle`,
  }) as const;

/** What a form says of a ladder: none where no step is filled in. */
export interface ReadLadder {
  readonly ladder: LoadLadder | null;
  readonly errors: Readonly<Record<string, string>>;
}

/** Field that a problem of the whole ladder belongs to. */
const FIELD_OF_PROBLEM: Readonly<Record<string, string>> = {
  "gauge-out-of-range": "ladder.gauge",
  "width-out-of-range": "ladder.width",
  "no-load-step": stepFields(1).force,
  "negative-force": stepFields(1).force,
  "step-not-stretched": stepFields(1).length,
  "after-below-gauge": "ladder.after",
  "after-above-stretched": "ladder.after",
  "neck-in-unreadable": "neck.stretched",
};

/** Reads the ladder of a form as far as it is filled in; used while it is typed and when it is saved. */
export function readLadder(fields: Fields): ReadLadder {
  const errors: Record<string, string> = {};
  const steps = readSteps(fields, errors);
  if (steps.length === 0 && Object.keys(errors).length === 0) return { ladder: null, errors };
  const number = (name: string) => readLength(fields, name, errors, true);
  const optional = (name: string) => readLength(fields, name, errors, false);
  const ladder: LoadLadder = {
    form: fields["ladder.form"] === "loop" ? "loop" : "strip",
    widthMm: number("ladder.width") ?? 0,
    gaugeMm: number("ladder.gauge") ?? 0,
    steps,
    afterMm: optional("ladder.after"),
    after30MinMm: optional("ladder.after30"),
    neckIn: readNeckIn(fields, errors),
  };
  for (const [index, { lengthMm }] of steps.entries()) {
    const field = stepFields(numberOfStep(fields, index)).length;
    if (!errors["ladder.gauge"] && lengthMm <= ladder.gaugeMm) {
      errors[field] = `Expected more than the gauge of ${ladder.gaugeMm} mm, but it is ${lengthMm} mm.`;
    }
  }
  doubtBareLoads(fields, ladder, errors);
  if (Object.keys(errors).length > 0) return { ladder: null, errors };
  const evaluated = evaluateLadder(ladder);
  if (evaluated.ok) return { ladder, errors };
  return { ladder: null, errors: { [FIELD_OF_PROBLEM[evaluated.problem.code] ?? "form"]: evaluated.problem.message } };
}

/** Tension no swatch is pulled to by hand or by weights, N/m: a bare number that comes to it was meant in grams. */
const DOUBTED_N_PER_M = 3000;

/** Asks for the unit of a bare load that would tear the strip; one that names its unit is taken at its word. */
function doubtBareLoads(fields: Fields, ladder: LoadLadder, errors: Record<string, string>): void {
  for (const [index, { forceN }] of ladder.steps.entries()) {
    const name = stepFields(numberOfStep(fields, index)).force;
    const text = (fields[name] ?? "").trim();
    if (errors[name] || /[a-z]/i.test(text) || !(stepTension(ladder, forceN) > DOUBTED_N_PER_M)) continue;
    errors[name] =
      `Expected a load with its unit: ${text} N, as heavy as ${(forceN / 9.80665).toFixed(1)} kg, would tear a strip of ${ladder.widthMm} mm. Write ${text} g, or ${text} N if it is.`;
  }
}

function readSteps(fields: Fields, errors: Record<string, string>): LadderStep[] {
  const steps: LadderStep[] = [];
  for (let step = 1; step <= MOST_STEPS; step += 1) {
    const names = stepFields(step);
    const [forceText, lengthText] = [(fields[names.force] ?? "").trim(), (fields[names.length] ?? "").trim()];
    if (forceText === "" && lengthText === "") continue;
    const force = parseForce(forceText);
    const length = parseSwatchLength(lengthText);
    if (!force.ok) errors[names.force] = force.problem.message;
    if (!length.ok) errors[names.length] = length.problem.message;
    if (!force.ok || !length.ok) continue;
    const cycle = Number(fields[names.cycle] ?? 1);
    steps.push({
      forceN: force.value,
      lengthMm: length.value,
      phase: fields[names.phase] === "unload" ? "unload" : "load",
      cycle: cycle === 2 || cycle === 3 ? cycle : 1,
    });
  }
  return steps;
}

/** The number of the form's step that became the n-th step read, empty rows passed over. */
function numberOfStep(fields: Fields, index: number): number {
  const filled: number[] = [];
  for (let step = 1; step <= MOST_STEPS; step += 1) {
    const names = stepFields(step);
    if ((fields[names.force] ?? "").trim() !== "" || (fields[names.length] ?? "").trim() !== "") filled.push(step);
  }
  return filled[index] ?? 1;
}

function readLength(fields: Fields, name: string, errors: Record<string, string>, required: boolean): number | null {
  const text = (fields[name] ?? "").trim();
  if (text === "" && !required) return null;
  const parsed = parseSwatchLength(text);
  if (parsed.ok) return parsed.value;
  errors[name] = parsed.problem.message;
  return null;
}

function readNeckIn(fields: Fields, errors: Record<string, string>): NeckIn | null {
  const names = ["neck.rest", "neck.stretched", "neck.at"] as const;
  const given = names.filter((name) => (fields[name] ?? "").trim() !== "");
  if (given.length === 0) return null;
  const [restMm, stretchedMm, atLengthMm] = names.map((name) => readLength(fields, name, errors, true));
  if (restMm === null || stretchedMm === null || atLengthMm === null) return null;
  return { restMm: restMm ?? 0, stretchedMm: stretchedMm ?? 0, atLengthMm: atLengthMm ?? 0 };
}
