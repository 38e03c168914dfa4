import {
  PROTOTYPE_KINDS,
  type Prototype,
  type PrototypeKind,
  type RingId,
  ringKey,
  type SewnLength,
  type SewnRing,
} from "../../../core/fitting/index.ts";
import { formatLength, type LengthUnit, parseDay, parseLength } from "../../../core/units/index.ts";
import { type FieldErrors, formValidator } from "../../../formats/validation.ts";
import { choice, formOf, line, version } from "../../form/fields.server.ts";
import { withItsUnit } from "../../form/smallLength.ts";
import type { Fields } from "../../form/unsaved.ts";
import { sewnLengthField } from "./sewnFields.ts";

const KINDS = PROTOTYPE_KINDS.map(({ id }) => id);
const validate = formValidator(
  formOf({ kind: choice("a kind", KINDS), startedOn: line("the day it was started"), number: version() }),
);

/** Reads the form that starts a prototype; `number` is the one the page showed. */
export function readNewPrototype(fields: Fields, today: string) {
  const valid = validate(fields);
  const day = parseDay(fields.startedOn ?? "", today);
  const errors: Record<string, string> = valid.ok ? {} : { ...valid.errors };
  if (!day.ok) errors.startedOn ??= day.problem.message;
  if (!valid.ok || !day.ok) return { ok: false as const, errors };
  const value = { kind: valid.value.kind as PrototypeKind, startedOn: day.value, number: Number(valid.value.number) };
  return { ok: true as const, value };
}

/** Longest girth a garment is sewn to, mm. */
const LONGEST_MM = 5000;

/** Reads flat widths and lengths of a sewn prototype, a field each; an empty one was not measured. Girth is twice the width. */
export function readSewn(
  fields: Fields,
  { rings, lengths = [] }: Pick<Prototype["frozen"], "rings" | "lengths">,
  unit: LengthUnit,
): { ok: true; value: Pick<Prototype, "sewn" | "sewnLengths"> } | { ok: false; errors: FieldErrors } {
  const errors: Record<string, string> = {};
  const read = (name: string, what: string, times: number): { sewnMm: number; text: string }[] => {
    const text = (fields[name] ?? "").trim();
    if (text === "") return [];
    const parsed = parseLength(text, unit);
    if (!parsed.ok) errors[name] = parsed.problem.message;
    else if (!(parsed.value > 0 && parsed.value * times <= LONGEST_MM)) {
      errors[name] =
        `Expected a ${what} above 0 and up to ${formatLength(LONGEST_MM / times, unit)}, but got “${text}”.`;
    } else return [{ sewnMm: parsed.value * times, text: withItsUnit(text, unit) }];
    return [];
  };
  const sewn = rings.flatMap(({ zone, side }: RingId): SewnRing[] =>
    read(ringKey({ zone, side }), "flat width", 2).map((one) => ({ zone, side, ...one })),
  );
  const sewnLengths = lengths.flatMap(({ id }): SewnLength[] =>
    read(sewnLengthField(id), "length", 1).map((one) => ({ id, ...one })),
  );
  return Object.keys(errors).length > 0 ? { ok: false, errors } : { ok: true, value: { sewn, sewnLengths } };
}
