import { type Drops, type OwnStyle, ZONES } from "../../../core/ease/index.ts";
import { parseLength } from "../../../core/units/index.ts";
import { type FieldErrors, formValidator } from "../../../formats/validation.ts";
import { formOf, line } from "../../form/fields.server.ts";
import { type NumberWanted, readNumberField } from "../../form/numberField.ts";
import { withItsUnit } from "../../form/smallLength.ts";
import type { Fields } from "../../form/unsaved.ts";
import { dropField, zoneField } from "./styleFields.ts";

const validate = formValidator(formOf({ name: line("a name") }));

/** Deepest an edge may lie below the waist, mm. */
const DEEPEST_MM = 300;

type ReadStyle =
  | { readonly ok: true; readonly value: Pick<OwnStyle, "name" | "zones" | "drops" | "limits"> }
  | { readonly ok: false; readonly errors: FieldErrors };

/** Reads the form of an own style. */
export function readStyle(fields: Fields): ReadStyle {
  const valid = validate(fields);
  const errors: Record<string, string> = valid.ok ? {} : { ...valid.errors };
  const number = (name: string, wanted: NumberWanted, ratio = 1): number => {
    const read = readNumberField(fields[name], wanted);
    if ("value" in read) return read.value / ratio;
    errors[name] = read.error;
    return Number.NaN;
  };
  const optional = (name: string, wanted: NumberWanted) =>
    (fields[name] ?? "").trim() === "" ? null : number(name, wanted, 100);
  const drop = (place: keyof Drops): number => {
    const text = (fields[dropField(place)] ?? "").trim();
    const parsed = text === "" ? { ok: true as const, value: 0 } : parseLength(withItsUnit(text, "mm"), "cm");
    if (!parsed.ok) errors[dropField(place)] = parsed.problem.message;
    else if (parsed.value > DEEPEST_MM)
      errors[dropField(place)] = `Expected up to ${DEEPEST_MM} mm, but got “${text}”.`;
    return parsed.ok ? parsed.value : Number.NaN;
  };
  const zones = ZONES.filter((zone) => fields[zoneField(zone)] === "yes");
  if (zones.length === 0) errors.form = "Expected at least one zone, but none is ticked.";
  const stretch = { least: 0, most: 300 } as const;
  const limits = {
    leastStretch: number("leastStretch", { what: "a stretch in per cent", ...stretch }, 100),
    leastStretchAlong: optional("leastStretchAlong", { what: "a stretch in per cent", ...stretch }),
    mostStretch: optional("mostStretch", { what: "a stretch in per cent", ...stretch }),
    mostShare: number("mostShare", { what: "a share in per cent", least: 1, most: 100 }, 100),
    mostPressureKpa: number("mostPressure", { what: "a pressure in kPa", least: 0.1, most: 4 }),
  };
  const drops = { front: drop("front"), back: drop("back"), side: drop("side") };
  if (!valid.ok || Object.keys(errors).length > 0) return { ok: false, errors };
  return { ok: true, value: { name: valid.value.name, zones, drops, limits } };
}
