import {
  CATALOGUE,
  type MeasureCode,
  type MeasuredValue,
  MOST_TAKES,
  type NotTaken,
  type Side,
  sidesOf,
  type Take,
  valueFromTakes,
} from "../../core/body/index.ts";
import { type LengthUnit, parseLength } from "../../core/units/index.ts";
import type { Fields } from "../form/unsaved.ts";

/** Longest length looked at, mm: room for a slip of ten times, which the checks then offer to repair. */
const LONGEST_MM = 20_000;

/** Longest reason for not taking a measure. */
const LONGEST_REASON = 200;

/** Name of the form field of a measure's first reading. */
export const measureField = (code: MeasureCode, side: Side): string => `${code}.${side}`;

/** Names of a measure's further fields: second and third take, its own tape school, why it was not taken. */
export const takeField = (name: string, take: number): string => (take === 1 ? name : `${name}.${take}`);
export const tapeField = (name: string): string => `${name}.tape`;
export const notTakenField = (name: string): string => `${name}.not`;

/** What the measures of a form say, and what cannot be read of them. */
export interface ReadMeasures {
  readonly values: readonly MeasuredValue[];
  readonly notTaken: readonly NotTaken[];
  readonly errors: Readonly<Record<string, string>>;
}

/** Reads all measures of a form; what cannot be read gets a message, what is empty is left out. */
export function readMeasures(fields: Fields, unit: LengthUnit): ReadMeasures {
  const values: MeasuredValue[] = [];
  const notTaken: NotTaken[] = [];
  const errors: Record<string, string> = {};
  for (const measure of CATALOGUE) {
    for (const side of sidesOf(measure)) {
      const name = measureField(measure.code, side);
      const reason = (fields[notTakenField(name)] ?? "").trim();
      const takes = readTakes(fields, name, unit, errors);
      const tape = fields[tapeField(name)];
      const own: Pick<MeasuredValue, "tape"> =
        measure.kind === "girth" && (tape === "snug" || tape === "finger") ? { tape } : {};
      if (takes.length > 0) values.push(valueFromTakes({ code: measure.code, side, ...own }, takes));
      if (reason === "") continue;
      const problem = reasonProblem(reason, takes.length > 0);
      if (problem) errors[notTakenField(name)] = problem;
      else notTaken.push({ code: measure.code, side, reason });
    }
  }
  return { values, notTaken, errors };
}

function readTakes(fields: Fields, name: string, unit: LengthUnit, errors: Record<string, string>): Take[] {
  const takes: Take[] = [];
  for (let take = 1; take <= MOST_TAKES; take += 1) {
    const field = takeField(name, take);
    const text = (fields[field] ?? "").trim();
    if (text === "") continue;
    const parsed = parseLength(text, unit);
    if (!parsed.ok) errors[field] = parsed.problem.message;
    else if (!(parsed.value > 0 && parsed.value <= LONGEST_MM)) {
      errors[field] = `Expected a length above 0 and up to 20 m, but got “${text}”.`;
    } else takes.push({ text, mm: parsed.value });
  }
  return takes;
}

function reasonProblem(reason: string, taken: boolean): string | null {
  if (taken) return "Expected either a reading or a reason for not taking it, but both are there.";
  return reason.length > LONGEST_REASON
    ? `Expected at most ${LONGEST_REASON} characters, but there are ${reason.length}.`
    : null;
}

/** A value as the fields it was typed into. */
export const fieldsOf = ({ code, side, text, takes, tape }: MeasuredValue): Fields => {
  const name = measureField(code, side);
  const texts = takes ? takes.map((take) => take.text) : [text];
  return {
    ...Object.fromEntries(texts.map((typed, index) => [takeField(name, index + 1), typed])),
    ...(tape ? { [tapeField(name)]: tape } : {}),
  };
};
