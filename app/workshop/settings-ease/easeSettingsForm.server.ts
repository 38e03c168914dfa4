import { CLOTH_KINDS, type ClothSettings } from "../../../core/cloth/index.ts";
import {
  type EaseSettings,
  FAMILIES,
  FAMILY_NAMES,
  type Family,
  FIRM_FROM_KPA,
  isLimb,
  STOP_OVER_KPA,
  ZONE_NAMES,
  ZONES,
  type Zone,
} from "../../../core/ease/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { all, each, group, listOf, type Messages, number, percent, whole } from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { TABLE_ROWS } from "./easeSettingsFields.ts";

/** A target at leg or arm stays under where these stop. */
const MOST_LIMB_KPA = FIRM_FROM_KPA - 0.1;

/** Settings as read, or what is wrong with their fields. */
export type ReadSettings =
  | { readonly ok: true; readonly ease: EaseSettings; readonly cloth: ClothSettings }
  | { readonly ok: false; readonly errors: Messages };

const part = (what: string, most = 100) => percent({ what, least: 0, most });
const millimetres = (most: number, what = "millimetres") => number({ what, least: 0, most });

const at = (zone: Zone): string => `at the ${ZONE_NAMES[zone].toLowerCase()}`;
const cut = (zone: Zone) => number({ what: `millimetres a quarter ${at(zone)}`, least: -100, most: 100 });
const share = (family: Family) => (zone: Zone) => part(`a share for ${FAMILY_NAMES[family]} ${at(zone)}`);
const target = (family: Family) => (zone: Zone) =>
  number({
    what: `a pressure in kPa for ${FAMILY_NAMES[family]} ${at(zone)}`,
    least: 0,
    most: isLimb(zone) ? MOST_LIMB_KPA : STOP_OVER_KPA,
  });

const readTyped = formReader(
  group({
    finger: millimetres(50, "millimetres for a finger"),
    cut: all(ZONES, (zone) => group({ stretchy: cut(zone), stable: cut(zone) })),
    table: listOf(
      group({
        stretch: part("a usable stretch in per cent", 500),
        reduction: part("a reduction in per cent", 60),
      }),
      { rowBy: ["stretch", "reduction"], least: 1, most: TABLE_ROWS, title: "row" },
    ),
    share: all(FAMILIES, (family) => each(ZONES, share(family))),
    target: all(FAMILIES, (family) => each(ZONES, target(family))),
    length: all(FAMILIES, (family) => part(`a share for the lengths of ${FAMILY_NAMES[family]}`)),
    lengthPart: part("a part of the reduction"),
    freedom: part("a part of the draw-in"),
    sizeStep: whole({ what: "a number of sizes", least: 0, most: 10 }),
    bustOver: millimetres(200),
    leaveUnder: millimetres(100),
    draftedDifference: millimetres(300),
    cupStrain: part("a strain of the cup", 50),
    strapStrain: part("a strain of the straps"),
    reference: all(CLOTH_KINDS, () => number({ what: "a tension in N/m", least: 1, most: 10_000 })),
    wearFactor: part("a part of the loading curve"),
    recovery60s: part("a recovery"),
    recovery30min: part("a recovery"),
  }),
);

/** Reads the form of the settings. */
export function readSettings(fields: Fields): ReadSettings {
  const read = readTyped(fields);
  if (!read.ok) return read;
  const { value, nameOf } = read;
  const falling = value.table.flatMap(({ stretch }, row) => {
    const before = value.table[row - 1]?.stretch;
    return before === undefined || stretch > before
      ? []
      : [[nameOf(`/table/${row}/stretch`), `Expected more than ${before * 100} %, the row above, but got less.`]];
  });
  if (falling.length > 0) return { ok: false, errors: Object.fromEntries(falling) };
  const ease: EaseSettings = {
    fingerAllowanceMm: value.finger,
    fixedCutMm: value.cut,
    percentTable: value.table.map(({ stretch, reduction }) => [stretch, reduction]),
    shares: value.share,
    pressureTargetsKpa: value.target,
    lengthShares: value.length,
    lengthPartOfReduction: value.lengthPart,
    drawInFreedom: value.freedom,
    sizeStep: value.sizeStep,
    bustOverChartMm: value.bustOver,
    leaveLengthUnderMm: value.leaveUnder,
    draftedDifferenceMm: value.draftedDifference,
    cupStrain: value.cupStrain,
    strapStrain: value.strapStrain,
  };
  const cloth: ClothSettings = {
    referenceNPerM: value.reference,
    wearFactor: value.wearFactor,
    leastRecovery: { after60s: value.recovery60s, after30min: value.recovery30min },
  };
  return { ok: true, ease, cloth };
}
