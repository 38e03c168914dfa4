import { DIRECTIONS } from "../../../core/cloth/index.ts";
import { LIKED_LENGTHS, type LikedGarment, ZONES } from "../../../core/ease/index.ts";
import { type LengthUnit, parseDay } from "../../../core/units/index.ts";
import type { Repositories } from "../../../data/store.ts";
import { type FieldErrors, formValidator } from "../../../formats/validation.ts";
import { findCloth } from "../../cloths/findCloth.server.ts";
import { formOf, line, notes } from "../../form/fields.server.ts";
import { unitOf } from "../../form/formUnit.ts";
import { readNumberField } from "../../form/numberField.ts";
import { readLengths } from "../../form/readLengths.ts";
import type { Fields } from "../../form/unsaved.ts";
import { likedLengthField, widthField } from "./likedFields.ts";

const validate = formValidator(formOf({ name: line("a name for the garment"), notes: notes() }));

type ReadLiked =
  | { readonly ok: true; readonly value: Omit<LikedGarment, "id" | "wearerId" | "version"> }
  | { readonly ok: false; readonly errors: FieldErrors };

/** Reads the form of a garment that fits; at least one width must be there. */
export async function readLiked(
  fields: Fields,
  { cloths, today }: Pick<Repositories, "cloths"> & { today: string },
): Promise<ReadLiked> {
  const valid = validate(fields);
  const errors: Record<string, string> = valid.ok ? {} : { ...valid.errors };
  const unit: LengthUnit = unitOf(fields);
  const measured = parseDay(fields.measuredOn ?? "", today);
  if (!measured.ok) errors.measuredOn = measured.problem.message;
  const widthsMm = readLengths(fields, ZONES, widthField, { unit, errors });
  const lengthsMm = readLengths(fields, LIKED_LENGTHS, likedLengthField, { unit, errors });
  const clothText = (fields.cloth ?? "").trim();
  const clothId = clothText === "" ? null : await findCloth(clothText, cloths);
  if (clothText !== "" && clothId === null)
    errors.cloth = `Expected the name of a cloth on the shelf, but got “${clothText.slice(0, 60)}”.`;
  const usable = readUsable(fields.usable, errors);
  if (Object.keys(widthsMm).length === 0 && Object.keys(errors).length === 0)
    errors[widthField("waist")] = "Expected at least one width, but there is none.";
  if (!valid.ok || !measured.ok || Object.keys(errors).length > 0) return { ok: false, errors };
  const direction = DIRECTIONS.find((known) => known === fields.direction) ?? "across";
  const { name, notes: noted = "" } = valid.value;
  return {
    ok: true,
    value: { name, measuredOn: measured.value, clothId, direction, usable, widthsMm, lengthsMm, notes: noted },
  };
}

function readUsable(text: string | undefined, errors: Record<string, string>): number | null {
  if ((text ?? "").trim() === "") return null;
  const read = readNumberField(text, { what: "a stretch in per cent", least: 1, most: 300 });
  if ("value" in read) return read.value / 100;
  errors.usable = read.error;
  return null;
}
