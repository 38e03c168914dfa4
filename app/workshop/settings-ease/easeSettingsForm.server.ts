import { CLOTH_KINDS, type ClothSettings } from "../../../core/cloth/index.ts";
import {
  type EaseSettings,
  FAMILIES,
  FAMILY_NAMES,
  FIRM_FROM_KPA,
  isLimb,
  STOP_OVER_KPA,
  ZONE_NAMES,
  ZONES,
} from "../../../core/ease/index.ts";
import type { FieldErrors } from "../../../formats/validation.ts";
import { type NumberWanted, readNumberField } from "../../form/numberField.ts";
import type { Fields } from "../../form/unsaved.ts";
import {
  cutField,
  lengthShareField,
  referenceField,
  shareField,
  TABLE_ROWS,
  tableField,
  targetField,
} from "./easeSettingsFields.ts";

/** A target at leg or arm stays under where these stop. */
const MOST_LIMB_KPA = FIRM_FROM_KPA - 0.1;

/** Settings as read, or what is wrong with their fields. */
export type ReadSettings =
  | { readonly ok: true; readonly ease: EaseSettings; readonly cloth: ClothSettings }
  | { readonly ok: false; readonly errors: FieldErrors };

/** Reads the form of the settings. */
export function readSettings(fields: Fields): ReadSettings {
  const errors: Record<string, string> = {};
  const number = (name: string, wanted: NumberWanted): number => {
    const read = readNumberField(fields[name], wanted);
    if ("value" in read) return read.value;
    errors[name] = read.error;
    return Number.NaN;
  };
  const percent = (name: string, what: string, most = 100) => number(name, { what, least: 0, most }) / 100;
  const cut = (zone: (typeof ZONES)[number], kind: "stretchy" | "stable") =>
    number(cutField(zone, kind), {
      what: `millimetres a quarter at the ${ZONE_NAMES[zone].toLowerCase()}`,
      least: -100,
      most: 100,
    });
  const ease: EaseSettings = {
    fingerAllowanceMm: number("finger", { what: "millimetres for a finger", least: 0, most: 50 }),
    fixedCutMm: Object.fromEntries(
      ZONES.map((zone) => [zone, { stretchy: cut(zone, "stretchy"), stable: cut(zone, "stable") }]),
    ) as EaseSettings["fixedCutMm"],
    percentTable: readTable(fields, number, errors),
    shares: Object.fromEntries(
      FAMILIES.map((family) => [
        family,
        Object.fromEntries(
          ZONES.flatMap((zone) => {
            const name = shareField(family, zone);
            if ((fields[name] ?? "").trim() === "") return [];
            return [
              [zone, percent(name, `a share for ${FAMILY_NAMES[family]} at the ${ZONE_NAMES[zone].toLowerCase()}`)],
            ];
          }),
        ),
      ]),
    ) as EaseSettings["shares"],
    pressureTargetsKpa: Object.fromEntries(
      FAMILIES.map((family) => [
        family,
        Object.fromEntries(
          ZONES.flatMap((zone) => {
            const name = targetField(family, zone);
            if ((fields[name] ?? "").trim() === "") return [];
            const what = `a pressure in kPa for ${FAMILY_NAMES[family]} at the ${ZONE_NAMES[zone].toLowerCase()}`;
            return [[zone, number(name, { what, least: 0, most: isLimb(zone) ? MOST_LIMB_KPA : STOP_OVER_KPA })]];
          }),
        ),
      ]),
    ) as EaseSettings["pressureTargetsKpa"],
    lengthShares: Object.fromEntries(
      FAMILIES.map((family) => [
        family,
        percent(lengthShareField(family), `a share for the lengths of ${FAMILY_NAMES[family]}`),
      ]),
    ) as EaseSettings["lengthShares"],
    lengthPartOfReduction: percent("lengthPart", "a part of the reduction"),
    drawInFreedom: percent("freedom", "a part of the draw-in"),
    sizeStep: number("sizeStep", { what: "a number of sizes", least: 0, most: 10, whole: true }),
    bustOverChartMm: number("bustOver", { what: "millimetres", least: 0, most: 200 }),
    leaveLengthUnderMm: number("leaveUnder", { what: "millimetres", least: 0, most: 100 }),
    draftedDifferenceMm: number("draftedDifference", { what: "millimetres", least: 0, most: 300 }),
    cupStrain: percent("cupStrain", "a strain of the cup", 50),
    strapStrain: percent("strapStrain", "a strain of the straps"),
  };
  const cloth: ClothSettings = {
    referenceNPerM: Object.fromEntries(
      CLOTH_KINDS.map((kind) => [
        kind,
        number(referenceField(kind), { what: "a tension in N/m", least: 1, most: 10_000 }),
      ]),
    ) as ClothSettings["referenceNPerM"],
    wearFactor: percent("wearFactor", "a part of the loading curve"),
    leastRecovery: {
      after60s: percent("recovery60s", "a recovery"),
      after30min: percent("recovery30min", "a recovery"),
    },
  };
  return Object.keys(errors).length === 0 ? { ok: true, ease, cloth } : { ok: false, errors };
}

/** The reduction table: rows with both numbers, by rising stretch; empty rows are left out. */
function readTable(
  fields: Fields,
  number: (name: string, wanted: NumberWanted) => number,
  errors: Record<string, string>,
): [number, number][] {
  const rows: [number, number][] = [];
  for (let row = 0; row < TABLE_ROWS; row += 1) {
    const [stretch, reduction] = [tableField(row, "stretch"), tableField(row, "reduction")];
    if ((fields[stretch] ?? "").trim() === "" && (fields[reduction] ?? "").trim() === "") continue;
    const at = number(stretch, { what: "a usable stretch in per cent", least: 0, most: 500 }) / 100;
    const taken = number(reduction, { what: "a reduction in per cent", least: 0, most: 60 }) / 100;
    const before = rows.at(-1)?.[0];
    if (before !== undefined && !(at > before) && !errors[stretch])
      errors[stretch] = `Expected more than ${before * 100} %, the row above, but got “${fields[stretch]}”.`;
    rows.push([at, taken]);
  }
  if (rows.length === 0) errors[tableField(0, "stretch")] = "Expected at least one row, but the table is empty.";
  return rows;
}
