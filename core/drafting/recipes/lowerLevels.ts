import { ZONE_NAMES } from "../../ease/index.ts";
import { fail, ok, type Result } from "../../result.ts";
import type { Half } from "./drawn.ts";
import type { Given } from "./facts.ts";
import { frontShare, shareBetween } from "./shares.ts";
import type { SideLevel } from "./sideCurve.ts";
import { halfWidth, type SharedGirth } from "./widths.ts";

/** A level of the block below the waist. */
export interface LowerLevel extends SharedGirth {
  /** Below the waist, along the side, mm. */
  readonly belowWaistMm: number;
}

/**
 * Waist, high hip (where it is planned) and hip, with the front's share of each.
 * @returns them from the top down; or `heights-crossed`, `missing`, or what the shares say.
 */
export function lowerLevels(given: Given): Result<LowerLevel[]> {
  const [waist, hip] = [frontShare(given, "waist"), frontShare(given, "hip")];
  if (!waist.ok) return waist;
  if (!hip.ok) return hip;
  const hipMm = given.cut("waist_to_hip");
  const top: LowerLevel = { zone: "waist", girthMm: given.girth("waist"), belowWaistMm: 0, front: waist.value };
  const low: LowerLevel = { zone: "hip", girthMm: given.girth("hip"), belowWaistMm: hipMm, front: hip.value };
  if (!given.hasGirth("highHip")) return ok([top, low]);
  if (!given.hasCut("waist_to_high_hip"))
    return fail("missing", "Expected the cut length waist_to_high_hip, since a girth is planned at the high hip.");
  const highMm = given.cut("waist_to_high_hip");
  if (highMm >= hipMm)
    return fail(
      "heights-crossed",
      `Expected waist_to_high_hip to be less than waist_to_hip, but they are ${highMm.toFixed(0)} and ${hipMm.toFixed(0)} mm.`,
    );
  const front = shareBetween(waist.value, hip.value, highMm / hipMm);
  return ok([top, { zone: "highHip", girthMm: given.girth("highHip"), belowWaistMm: highMm, front }, low]);
}

/** The levels of one half as its side seam runs through them. */
export const sideLevels = (levels: readonly LowerLevel[], half: Half): SideLevel[] =>
  levels.map((level, at) => ({
    level: level.zone,
    name: ZONE_NAMES[level.zone].toLowerCase(),
    downMm: level.belowWaistMm - (levels[at - 1] ?? level).belowWaistMm,
    halfMm: halfWidth(level, half),
  }));
