import {
  CATALOGUE,
  type MeasureCode,
  type MeasuredValue,
  MOST_TAKES,
  type NotTaken,
  type Side,
  sidesOf,
  valueFromTakes,
} from "../../core/body/index.ts";
import type { LengthUnit } from "../../core/units/index.ts";
import {
  choice,
  each,
  group,
  type Messages,
  optionalLine,
  orNull,
  readTree,
  typedLength,
  type ValueOf,
} from "../../formats/form/index.ts";
import type { Fields } from "../form/unsaved.ts";

/** Longest length looked at, mm: room for a slip of ten times, which the checks then offer to repair. */
const LONGEST_MM = 20_000;

/** Longest reason for not taking a measure. */
const LONGEST_REASON = 200;

/** Name of all fields of one measure at one side; below it stand its takes, its tape and why it was not taken. */
export const placeField = (code: MeasureCode, side: Side): string => `measure.${code}.${side}`;

/** Names of a measure's fields: first, second and third take, its own tape school, why it was not taken. */
export const takeField = (place: string, take: number): string => `${place}.take${take}`;
export const tapeField = (place: string): string => `${place}.tape`;
export const notTakenField = (place: string): string => `${place}.not`;

/** Name of the form field of a measure's first reading. */
export const measureField = (code: MeasureCode, side: Side): string => takeField(placeField(code, side), 1);

const take = () => orNull(typedLength({ mostMm: LONGEST_MM }));

const place = group({
  take1: take(),
  take2: take(),
  take3: take(),
  tape: orNull(choice("a tape school", ["snug", "finger"])),
  not: optionalLine("why it was not taken", LONGEST_REASON),
});

const MEASURES = Object.fromEntries(CATALOGUE.map((measure) => [measure.code, measure]));

/** The measures of a form, by code and side; what is empty is left out. */
export const measuresSchema = each(
  CATALOGUE.map(({ code }) => code),
  (code) => each(sidesOf(MEASURES[code] as (typeof CATALOGUE)[number]), () => place),
);

/** What the measures of a form say, and what is wrong with them. */
export interface ReadMeasures {
  readonly values: readonly MeasuredValue[];
  readonly notTaken: readonly NotTaken[];
  readonly errors: Messages;
}

/** What the measures of a form come to, in measuring order. A tape of their own have girths only. */
export function measuresOf(typed: ValueOf<typeof measuresSchema>): ReadMeasures {
  const values: MeasuredValue[] = [];
  const notTaken: NotTaken[] = [];
  const errors: Messages = {};
  for (const { code, kind } of CATALOGUE) {
    for (const [name, { tape, not: reason, ...takes }] of Object.entries(typed[code] ?? {})) {
      const side = name as Side;
      const taken = Object.values(takes).filter((one) => one !== null);
      const own = kind === "girth" && tape ? { tape } : {};
      const [first] = taken;
      if (first) values.push(valueFromTakes({ code, side, ...own }, taken));
      if (reason === "") continue;
      if (first)
        errors[notTakenField(placeField(code, side))] =
          "Expected either a reading or a reason for not taking it, but both are there.";
      else notTaken.push({ code, side, reason });
    }
  }
  return { values, notTaken, errors };
}

const liveSchema = group({ measure: measuresSchema });

/** Reads the measures of a form while it is typed; what cannot be read yet is left out. */
export function readMeasures(fields: Fields, unit: LengthUnit): ReadMeasures {
  const { value, errors } = readTree(liveSchema, fields, { unit, today: "" });
  const typed = (value as { readonly measure?: object }).measure ?? {};
  const read = measuresOf(typed);
  return { ...read, errors: { ...errors, ...read.errors } };
}

/** A value as the fields it was typed into. */
export const fieldsOf = ({ code, side, text, takes, tape }: MeasuredValue): Fields => {
  const name = placeField(code, side);
  const texts = takes ? takes.map((one) => one.text) : [text];
  return {
    ...Object.fromEntries(texts.slice(0, MOST_TAKES).map((typed, index) => [takeField(name, index + 1), typed])),
    ...(tape ? { [tapeField(name)]: tape } : {}),
  };
};
