import { FIGURE_VIEWS } from "../../../core/figure/index.ts";
import {
  type Finding,
  type FindingDetail,
  type FindingField,
  type FindingKind,
  type FittingHead,
  findingKindOf,
  isFindingKindId,
  isSpotId,
  type Spot,
} from "../../../core/fitting/index.ts";
import { type LengthUnit, parseDay } from "../../../core/units/index.ts";
import { type FieldErrors, formValidator } from "../../../formats/validation.ts";
import { choice, formOf, line, notes, optionalLine } from "../../form/fields.server.ts";
import { unitOf } from "../../form/formUnit.ts";
import { parseSmallLength, smallUnit, withItsUnit } from "../../form/smallLength.ts";
import type { Fields } from "../../form/unsaved.ts";
import { detailField } from "./findingFields.ts";

/** What reading a form gives: its value, or messages for its fields. */
export type ReadForm<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly errors: FieldErrors };

/** A form with one thing wrong, told beside its field. */
export const wrong = (field: string, message: string): { ok: false; errors: Record<string, string> } => ({
  ok: false,
  errors: { [field]: message },
});

/** Sides a form can name. */
export const SIDES = ["left", "right", "both"] as const;

const validateFitting = formValidator(
  formOf({
    fittedOn: line("the day of the fitting"),
    on: choice("who wore it", ["wearer", "form"]),
    way: choice("which way round", ["rightSideOut", "insideOut"]),
    over: optionalLine("what was worn under it"),
    notes: notes(),
  }),
);

/** Reads the form that begins a fitting, or changes its head. */
export function readFitting(fields: Fields, today: string): ReadForm<FittingHead> {
  const valid = validateFitting(fields);
  const day = parseDay(fields.fittedOn ?? "", today);
  const errors: Record<string, string> = valid.ok ? {} : { ...valid.errors };
  if (!day.ok) errors.fittedOn ??= day.problem.message;
  if (!valid.ok || !day.ok) return { ok: false, errors };
  return {
    ok: true,
    value: {
      fittedOn: day.value,
      on: valid.value.on as FittingHead["on"],
      way: valid.value.way as FittingHead["way"],
      over: (valid.value.over ?? "").trim(),
      notes: valid.value.notes ?? "",
    },
  };
}

/** Largest amount a finding is read at, mm. */
const LARGEST_FINDING_MM = 500;

const validateFinding = formValidator(
  formOf({
    kind: line("what is seen"),
    spot: line("a place"),
    side: choice("a side", SIDES),
    view: choice("a view", FIGURE_VIEWS),
    note: notes(),
  }),
);

/** Reads the form of a finding; the depth of a fold counts twice. */
export function readFinding(
  fields: Fields,
  spots: readonly Spot[],
): ReadForm<Omit<Finding, "id" | "fittingId" | "version" | "change" | "judgement" | "photos">> {
  const valid = validateFinding(fields);
  const errors: Record<string, string> = valid.ok ? {} : { ...valid.errors };
  const spot = spots.find(({ id }) => id === fields.spot);
  if (!spot)
    errors.spot = `Expected a place of this garment (${spots.map(({ name }) => name.toLowerCase()).join(", ")}).`;
  const kind = isFindingKindId(fields.kind ?? "") ? findingKindOf(fields.kind as Finding["kind"]) : null;
  if (!kind) errors.kind = "Expected what is seen there: one of the words offered.";
  else if (spot && !kind.spots.includes(spot.id)) {
    errors.kind = `Expected something seen at the ${spot.name.toLowerCase()}, but “${kind.name.toLowerCase()}” is not put there.`;
  }
  const amount = kind ? readAmount(fields, kind) : { mm: null, text: "", folded: false };
  if ("message" in amount) errors.amount = amount.message;
  const detail = kind ? readDetail(fields, kind, errors) : {};
  if (!valid.ok || !spot || !kind || "message" in amount || Object.keys(errors).length > 0)
    return { ok: false, errors };
  return {
    ok: true,
    value: {
      kind: kind.id,
      spot: spot.id,
      zone: spot.zone,
      side: valid.value.side as Finding["side"],
      view: valid.value.view as Finding["view"],
      x: partOf(fields.x),
      y: partOf(fields.y),
      amountMm: amount.mm,
      amountText: amount.text,
      folded: amount.folded,
      detail,
      note: valid.value.note ?? "",
    },
  };
}

type ReadAmount = { mm: number | null; text: string; folded: boolean } | { message: string };

function readAmount(fields: Fields, { amount }: FindingKind): ReadAmount {
  const text = (fields.amount ?? "").trim();
  if (!amount || (text === "" && !amount.needed)) return { mm: null, text: "", folded: false };
  const unit = unitOf(fields);
  const parsed = parseSmallLength(text, unit, LARGEST_FINDING_MM);
  if (!parsed.ok) return { message: parsed.problem.message };
  const folded = amount.canBeFolded && fields.folded === "yes";
  return {
    mm: folded ? 2 * parsed.value : parsed.value,
    text: withItsUnit(text, smallUnit(unit) === "mm" ? "mm" : "in"),
    folded,
  };
}

function readDetail(fields: Fields, kind: FindingKind, errors: Record<string, string>): FindingDetail {
  const detail: Record<string, string | number> = {};
  for (const field of kind.fields) {
    const name = detailField(field.id);
    const read = readField((fields[name] ?? "").trim(), field, unitOf(fields));
    if (typeof read === "object") errors[name] = read.message;
    else if (read !== "") detail[field.id] = read;
  }
  return detail;
}

function readField(text: string, field: FindingField, unit: LengthUnit): string | number | { message: string } {
  if (text === "") return field.needed ? { message: `Expected an answer: ${field.label.toLowerCase()}.` } : "";
  if (field.type === "amount") {
    const amount = parseSmallLength(text, unit, LARGEST_FINDING_MM);
    return amount.ok ? amount.value : { message: amount.problem.message };
  }
  if (field.type === "tick") return text === "yes" ? "yes" : "";
  if (field.type === "spot") return isSpotId(text) ? text : { message: "Expected a place of the garment." };
  if (field.type !== "choice") return "";
  const words = field.choices.map(({ value }) => value);
  return words.includes(text)
    ? text
    : { message: `Expected one of ${words.filter((word) => word !== "").join(", ")}.` };
}

/** A place as a part of the figure; the page always sends one, so anything else is its middle. */
function partOf(text: string | undefined): number {
  const part = Number(text);
  return text && part >= 0 && part <= 1 ? part : 0.5;
}
