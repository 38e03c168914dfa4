import { FIGURE_VIEWS } from "../../../core/figure/index.ts";
import {
  FINDING_KINDS,
  type Finding,
  type FindingDetail,
  type FindingField,
  type FindingKind,
  type FittingHead,
  isFindingKindId,
  isSpotId,
  type Spot,
} from "../../../core/fitting/index.ts";
import { fail, ok } from "../../../core/result.ts";
import { smallUnit, withItsUnit } from "../../../core/units/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import {
  choice,
  day,
  type FormRead,
  type FormSchema,
  group,
  line,
  type Messages,
  notes,
  number,
  optionalLine,
  orElse,
  orNull,
  smallLength,
  tick,
  typedSmallLength,
  wrong,
} from "../../../formats/form/index.ts";
import { unitOf } from "../../form/formUnit.ts";
import type { Fields } from "../../form/unsaved.ts";

/** Sides a form can name. */
export const SIDES = ["left", "right", "both"] as const;

const readTypedFitting = formReader(
  group({
    fittedOn: day("the day of the fitting"),
    on: choice("who wore it", ["wearer", "form"]),
    way: choice("which way round", ["rightSideOut", "insideOut"]),
    over: optionalLine("what was worn under it"),
    notes: notes(),
  }),
);

/** Reads the form that begins a fitting, or changes its head. */
export const readFitting = (fields: Fields, today: string): FormRead<FittingHead> =>
  readTypedFitting(fields, { today });

/** Largest amount a finding is read at, mm. */
const LARGEST_FINDING_MM = 500;

/** A part of the figure's width or height; a finding that was put by name stands in its middle. */
const part = () => orElse(number({ what: "a place on the figure", least: 0, most: 1 }), 0.5);

const spotField: FormSchema<string> = {
  ...line("a place of the garment"),
  reads: (text) => (isSpotId(text) ? ok(text) : fail("no-spot", "Expected a place of the garment.")),
};

/** The field of one of the things a kind of finding asks for. */
function detailOf(field: FindingField): FormSchema<unknown> {
  if (field.type === "tick") return tick();
  const title = `an answer: ${field.label.toLowerCase()}`;
  const schema: FormSchema<unknown> =
    field.type === "amount"
      ? { ...smallLength(LARGEST_FINDING_MM), title }
      : field.type === "spot"
        ? { ...spotField, title }
        : {
            ...choice(
              title,
              field.choices.map(({ value }) => value),
            ),
            title,
          };
  return field.needed ? schema : orNull(schema);
}

const schemaOf = ({ amount, fields }: FindingKind) =>
  group({
    spot: line("a place"),
    side: choice("a side", SIDES),
    view: choice("a view", FIGURE_VIEWS),
    x: part(),
    y: part(),
    amount: amount?.needed ? typedSmallLength(LARGEST_FINDING_MM) : orNull(typedSmallLength(LARGEST_FINDING_MM)),
    folded: tick(),
    detail: group(Object.fromEntries(fields.map((field) => [field.id, detailOf(field)]))),
    note: notes(),
  });

/** One schema a kind of finding. */
const READERS = new Map(FINDING_KINDS.map((kind) => [kind.id, { kind, read: formReader(schemaOf(kind)) }]));

/** Reads the form of a finding; the depth of a fold counts twice. */
export function readFinding(
  fields: Fields,
  spots: readonly Spot[],
): FormRead<Omit<Finding, "id" | "fittingId" | "version" | "change" | "judgement" | "photos">> {
  const spot = spots.find(({ id }) => id === fields.spot?.trim());
  const spotNames = spots.map(({ name }) => name.toLowerCase()).join(", ");
  const noSpot: Messages = spot ? {} : { spot: `Expected a place of this garment (${spotNames}).` };
  const known = isFindingKindId(fields.kind ?? "") ? READERS.get(fields.kind as Finding["kind"]) : undefined;
  if (!known)
    return { ok: false, errors: { ...noSpot, kind: "Expected what is seen there: one of the words offered." } };
  const { kind } = known;
  const read = known.read(kind.amount ? fields : { ...fields, amount: "" });
  if (!read.ok) return { ok: false, errors: { ...read.errors, ...noSpot } };
  if (!spot) return { ok: false, errors: noSpot };
  if (!kind.spots.includes(spot.id)) {
    return wrong(
      "kind",
      `Expected something seen at the ${spot.name.toLowerCase()}, but “${kind.name.toLowerCase()}” is not put there.`,
    );
  }
  const { amount, folded: ticked, detail, ...place } = read.value;
  const folded = amount !== null && (kind.amount?.canBeFolded ?? false) && ticked;
  return {
    ok: true,
    value: {
      ...place,
      kind: kind.id,
      spot: spot.id,
      zone: spot.zone,
      amountMm: amount === null ? null : folded ? 2 * amount.mm : amount.mm,
      amountText: amount === null ? "" : withItsUnit(amount.text, smallUnit(unitOf(fields))),
      folded,
      detail: answered(detail),
    },
  };
}

/** What was answered: an empty answer is none, a tick is the word it always was. */
const answered = (detail: Readonly<Record<string, unknown>>): FindingDetail =>
  Object.fromEntries(
    Object.entries(detail).flatMap(([id, value]): [string, string | number][] =>
      value === true ? [[id, "yes"]] : typeof value === "string" || typeof value === "number" ? [[id, value]] : [],
    ),
  );
