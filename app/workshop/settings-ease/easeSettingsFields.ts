import { CLOTH_KINDS, type ClothSettings } from "../../../core/cloth/index.ts";
import { type EaseSettings, FAMILIES, ZONES } from "../../../core/ease/index.ts";
import { numberText, percentText } from "../../form/numberText.ts";
import { inRow } from "../../form/rows/withRows.ts";
import type { Fields } from "../../form/unsaved.ts";

/** Name of the list of the reduction table, and the rows it has in the form. */
export const TABLE = "table";
export const TABLE_ROWS = 8;

/** Names of the form's fields. */
export const cutField = (zone: string, kind: "stretchy" | "stable"): string => `cut.${zone}.${kind}`;
export const shareField = (family: string, zone: string): string => `share.${family}.${zone}`;
export const targetField = (family: string, zone: string): string => `target.${family}.${zone}`;
export const lengthShareField = (family: string): string => `length.${family}`;
export const tableField = (row: number, column: "stretch" | "reduction"): string => inRow(TABLE, row, column);
export const referenceField = (kind: string): string => `reference.${kind}`;

/** The fields the settings are edited from: ratios in per cent, lengths in mm. */
export const settingsFields = (ease: EaseSettings, cloth: ClothSettings): Fields => ({
  finger: numberText(ease.fingerAllowanceMm),
  lengthPart: percentText(ease.lengthPartOfReduction),
  freedom: percentText(ease.drawInFreedom),
  sizeStep: numberText(ease.sizeStep),
  bustOver: numberText(ease.bustOverChartMm),
  leaveUnder: numberText(ease.leaveLengthUnderMm),
  draftedDifference: numberText(ease.draftedDifferenceMm),
  cupStrain: percentText(ease.cupStrain),
  strapStrain: percentText(ease.strapStrain),
  wearFactor: percentText(cloth.wearFactor),
  recovery60s: percentText(cloth.leastRecovery.after60s),
  recovery30min: percentText(cloth.leastRecovery.after30min),
  ...Object.fromEntries(
    ZONES.flatMap((zone) =>
      (["stretchy", "stable"] as const).map((kind) => [cutField(zone, kind), numberText(ease.fixedCutMm[zone][kind])]),
    ),
  ),
  ...Object.fromEntries(
    ease.percentTable.flatMap(([stretch, reduction], row) => [
      [tableField(row, "stretch"), percentText(stretch)],
      [tableField(row, "reduction"), percentText(reduction)],
    ]),
  ),
  ...Object.fromEntries(
    FAMILIES.flatMap((family) =>
      ZONES.map((zone) => {
        const share = ease.shares[family][zone];
        return [shareField(family, zone), share === undefined ? "" : percentText(share)];
      }),
    ),
  ),
  ...Object.fromEntries(
    FAMILIES.flatMap((family) =>
      ZONES.map((zone) => {
        const kpa = ease.pressureTargetsKpa[family][zone];
        return [targetField(family, zone), kpa === undefined ? "" : numberText(kpa)];
      }),
    ),
  ),
  ...Object.fromEntries(FAMILIES.map((family) => [lengthShareField(family), percentText(ease.lengthShares[family])])),
  ...Object.fromEntries(CLOTH_KINDS.map((kind) => [referenceField(kind), numberText(cloth.referenceNPerM[kind])])),
});
