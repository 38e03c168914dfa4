import type { Style } from "../../../core/ease/index.ts";
import {
  type Change,
  type ChangeTarget,
  type FrozenLayer,
  linkedFor,
  type SpotId,
  spotsOf,
} from "../../../core/fitting/index.ts";
import { formValidator } from "../../../formats/validation.ts";
import { choice, formOf, line, notes, optionalLine } from "../../form/fields.server.ts";
import { unitOf } from "../../form/formUnit.ts";
import { parseSmallLength } from "../../form/smallLength.ts";
import type { Fields } from "../../form/unsaved.ts";
import type { ReadForm } from "../fitting/fittingForm.server.ts";

/** Largest change, mm, and most seams it is spread over. */
const LARGEST_MM = 500;
const MOST_SEAMS = 24;

const validate = formValidator(
  formOf({
    on: choice("what it changes", ["girth", "length", "making"]),
    side: choice("a side", ["left", "right", "both"]),
    pieces: line("the pieces it is drawn on"),
    line: line("the line or seam"),
    blend: optionalLine("where it blends"),
    reason: notes(),
  }),
);

/** What an own change is read against. */
export interface OwnChangeOf {
  readonly style: Pick<Style, "zones" | "lengths">;
  readonly layers: readonly Pick<FrozenLayer, "name">[];
}

/** Reads a change of the maker's own: a girth, a length of the plan, or other work on the pattern. */
export function readOwnChange(fields: Fields, of: OwnChangeOf): ReadForm<Omit<Change, "id" | "cutInto">> {
  const valid = validate(fields);
  const errors: Record<string, string> = valid.ok ? {} : { ...valid.errors };
  const on = fields.on as ChangeTarget;
  const place = placeOf(on, fields.place ?? "", of.style);
  if (!place) errors.place = "Expected one of the places offered.";
  const amount = readAmount(fields, on);
  if (typeof amount === "object" && amount !== null) Object.assign(errors, amount.errors);
  const seams = on === "girth" ? Number(fields.seams) : 1;
  if (!Number.isInteger(seams) || seams < 1 || seams > MOST_SEAMS) {
    errors.seams = `Expected a whole number of seams from 1 to ${MOST_SEAMS}, but got “${fields.seams ?? ""}”.`;
  }
  if (!valid.ok || !place || (typeof amount === "object" && amount !== null) || Object.keys(errors).length > 0) {
    return { ok: false, errors };
  }
  const { side, pieces, line: at, blend = "", reason = "" } = valid.value;
  return {
    ok: true,
    value: {
      findingId: null,
      decision: "own",
      on,
      remedy: "",
      ...place,
      side: side as Change["side"],
      pieces: pieces.trim(),
      line: at.trim(),
      blend: blend.trim(),
      parts: [],
      strain: null,
      share: null,
      proposedMm: null,
      amountMm: amount,
      seams,
      linked: linkedFor(pieces, of.layers),
      untickedReason: "",
      waitsFor: "",
      reason: reason.trim(),
      version: 0,
    },
  };
}

function placeOf(
  on: ChangeTarget,
  place: string,
  { zones, lengths }: Pick<Style, "zones" | "lengths">,
): Pick<Change, "spot" | "zone" | "lengthId"> | null {
  const spots = spotsOf(zones);
  if (on === "length") {
    const length = lengths.find(({ id }) => id === place);
    const spot = spots.find(({ id }) => id === "waist") ?? spots[0];
    return length && spot ? { spot: spot.id, zone: spot.zone, lengthId: length.id } : null;
  }
  const spot = spots.find(({ id }) => id === place);
  if (!spot || (on === "girth" && !zones.some((zone) => zone === place))) return null;
  return { spot: spot.id as SpotId, zone: spot.zone, lengthId: "" };
}

function readAmount(fields: Fields, on: ChangeTarget): number | null | { errors: Record<string, string> } {
  const text = (fields.amount ?? "").trim();
  if (text === "" && on === "making") return null;
  const errors: Record<string, string> = {};
  const amount = parseSmallLength(text, unitOf(fields), LARGEST_MM);
  if (!amount.ok) errors.amount = amount.problem.message;
  if (fields.direction !== "give" && fields.direction !== "take")
    errors.direction = "Expected which way: give or take.";
  if (!amount.ok || Object.keys(errors).length > 0) return { errors };
  return fields.direction === "take" ? -amount.value : amount.value;
}
