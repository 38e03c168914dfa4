import { PROTOTYPE_KINDS, type Prototype, type PrototypeKind, type SewnRing } from "../../core/fitting/prototype.ts";
import { type RingId, ringKey } from "../../core/fitting/rings.ts";
import { parseDay } from "../../core/units/day.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { parseLength } from "../../core/units/parseLength.ts";
import { type FieldErrors, formValidator } from "../../formats/validation.ts";
import { choice, formOf, line, version } from "./fields.server.ts";
import { withItsUnit } from "./smallLength.ts";
import type { Fields } from "./unsaved.ts";

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

/** Reads flat widths of a sewn prototype, one field a ring; an empty one was not measured. Girth is twice the width. */
export function readSewn(
  fields: Fields,
  rings: Prototype["frozen"]["rings"],
  unit: LengthUnit,
): { ok: true; value: SewnRing[] } | { ok: false; errors: FieldErrors } {
  const errors: Record<string, string> = {};
  const value = rings.flatMap(({ zone, side }: RingId): SewnRing[] => {
    const name = ringKey({ zone, side });
    const text = (fields[name] ?? "").trim();
    if (text === "") return [];
    const parsed = parseLength(text, unit);
    if (!parsed.ok) errors[name] = parsed.problem.message;
    else if (!(parsed.value > 0 && parsed.value * 2 <= LONGEST_MM)) {
      errors[name] = `Expected a flat width above 0 and up to ${LONGEST_MM / 20} cm, but got “${text}”.`;
    } else return [{ zone, side, sewnMm: parsed.value * 2, text: withItsUnit(text, unit) }];
    return [];
  });
  return Object.keys(errors).length > 0 ? { ok: false, errors } : { ok: true, value };
}
