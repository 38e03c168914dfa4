import { fail, ok, type Result } from "../../../result.ts";
import { type BlockGirths, blockGirths } from "../blockGirths.ts";
import type { Half } from "../drawn.ts";
import type { Given } from "../facts.ts";
import type { SideLevel } from "../sideCurve.ts";
import { halfWidth, type SharedGirth } from "../widths.ts";

/** Bust, waist and hip of a slip, with the heights between them along the side, mm. */
export interface SlipLevels extends BlockGirths {
  readonly toWaistMm: number;
  readonly toHipMm: number;
  readonly toHemMm: number;
}

/** Heights between levels are at least so large, mm. */
const LEAST_MM = 20;

/**
 * The levels of a slip by their heights: the bust as far above the waist as it lies below the shoulder less, the hip and the hem
 * below it.
 * @returns them; `heights-crossed` or `skirt-too-short`; or what the front shares say.
 */
export function slipLevels(given: Given): Result<SlipLevels> {
  const girths = blockGirths(given);
  if (!girths.ok) return girths;
  const toWaistMm = given.cut("front_waist") - given.cut("shoulder_to_apex");
  if (toWaistMm < LEAST_MM)
    return fail(
      "heights-crossed",
      `Expected shoulder_to_apex to be less than front_waist, but they are ${given.cut("shoulder_to_apex").toFixed(0)} and ${given.cut("front_waist").toFixed(0)} mm.`,
    );
  const toHipMm = given.cut("waist_to_hip");
  const toHemMm = given.cut("skirt_side") - toHipMm;
  if (toHemMm < LEAST_MM)
    return fail(
      "skirt-too-short",
      `Expected skirt_side to be at least ${(toHipMm + LEAST_MM).toFixed(0)} mm, past the hip, but it is ${given.cut("skirt_side").toFixed(0)} mm.`,
    );
  return ok({
    ...girths.value,
    ...{ toWaistMm, toHipMm, toHemMm },
  });
}

/**
 * The levels of one half as its side seam runs through them.
 * @param widerMm what the cowl adds to the half at the bust line.
 */
export function slipSide(
  levels: SlipLevels,
  half: Half,
  { widerMm, flareMm }: { widerMm: number; flareMm: number },
): SideLevel[] {
  const at = (level: SharedGirth, name: string, downMm: number, more = 0): SideLevel => ({
    ...{ level: level.zone, name, downMm, halfMm: halfWidth(level, half) + more },
  });
  const hip = at(levels.hip, "hip", levels.toHipMm);
  return [
    at(levels.bust, "underarm", 0, widerMm),
    at(levels.waist, "waist", levels.toWaistMm),
    hip,
    { level: "hem", name: "hem", downMm: levels.toHemMm, halfMm: hip.halfMm + flareMm },
  ];
}
