import {
  PROTOTYPE_KINDS,
  type Prototype,
  ringKey,
  type SewnLength,
  type SewnRing,
} from "../../../core/fitting/index.ts";
import { atPlan, type SewnTargets } from "../../../core/redraw/index.ts";
import { withItsUnit } from "../../../core/units/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import {
  choice,
  day,
  type FormRead,
  group,
  line,
  optionalLine,
  record,
  typedLength,
  version,
} from "../../../formats/form/index.ts";
import { unitOf } from "../../form/formUnit.ts";
import type { Fields } from "../../form/unsaved.ts";

/** Longest reason for cutting with linked pieces unticked, and longest note to a prototype, characters. */
const LONGEST_REASON = 400;
const LONGEST_NOTE = 4000;

const readTypedPrototype = formReader(
  group({
    kind: choice(
      "a kind",
      PROTOTYPE_KINDS.map(({ id }) => id),
    ),
    startedOn: day("the day it was started"),
    number: version(),
    override: optionalLine("why it may be cut so", LONGEST_REASON),
  }),
);

/** Reads the form that starts a prototype; `number` is the one the page showed. */
export const readNewPrototype = (fields: Fields, today: string) => readTypedPrototype(fields, { today });

/** Reads a note to a prototype. */
export const readAnnotation = formReader(group({ text: line("a note", LONGEST_NOTE) }));

/** Longest girth a garment is sewn to, mm; a flat width is half of it. */
const LONGEST_MM = 5000;

const readTypedSewn = formReader(
  group({
    ring: record(typedLength({ mostMm: LONGEST_MM / 2, what: "a flat width" }), () => true),
    length: record(typedLength({ mostMm: LONGEST_MM, what: "a length" }), () => true),
  }),
);

/**
 * Reads flat widths and lengths of a sewn prototype, a field each; an empty one was not measured. Girth is twice the width. What was measured
 * where the pieces end is kept for the level the plan has it at.
 */
export function readSewn(
  fields: Fields,
  { rings, lengths }: Pick<Prototype["frozen"], "rings" | "lengths">,
  targets: SewnTargets,
): FormRead<Pick<Prototype, "sewn" | "sewnLengths">> {
  const read = readTypedSewn(fields);
  if (!read.ok) return read;
  const unit = unitOf(fields);
  const sewn = rings.flatMap(({ zone, side, nowMm }): SewnRing[] => {
    const key = ringKey({ zone, side });
    const typed = read.value.ring[key];
    const target = targets.rings[key];
    if (!typed) return [];
    const sewnMm = target ? atPlan(typed.mm * 2, target, nowMm) : typed.mm * 2;
    return [{ zone, side, sewnMm, text: withItsUnit(typed.text, unit) }];
  });
  const sewnLengths = lengths.flatMap(({ id, nowMm }): SewnLength[] => {
    const typed = read.value.length[id];
    const target = targets.lengths[id];
    if (!typed) return [];
    const sewnMm = target ? atPlan(typed.mm, target, nowMm) : typed.mm;
    return [{ id, sewnMm, text: withItsUnit(typed.text, unit) }];
  });
  return { ok: true, value: { sewn, sewnLengths } };
}
