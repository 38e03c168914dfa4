import { ok, type Result } from "../../../result.ts";
import { type BlockGirths, blockGirths } from "../blockGirths.ts";
import type { Half } from "../drawn.ts";
import type { Given } from "../facts.ts";
import type { SideLevel } from "../sideCurve.ts";
import { halfWidth, type SharedGirth } from "../widths.ts";

/** Bust, waist and hip of a block, with the heights between them, mm. */
export interface TopLevels extends BlockGirths {
  /** From the underarm level down to the waist: half the back waist length. */
  readonly toWaistMm: number;
  readonly toHipMm: number;
}

/** The three levels of a camisole. @returns them, or what the front shares say. */
export function topLevels(given: Given): Result<TopLevels> {
  const girths = blockGirths(given);
  if (!girths.ok) return girths;
  return ok({
    ...girths.value,
    toWaistMm: given.cut("back_waist") / 2,
    toHipMm: given.cut("waist_to_hip"),
  });
}

/** Lower than this under the hip, mm, a side needs no level of its own there. */
const NOTHING_MM = 1;

/** The levels of one half as its side seam runs through them; past the hip it hangs straight down. */
export function sideLevels(levels: TopLevels, half: Half, belowWaistMm: number): SideLevel[] {
  const at = (level: SharedGirth, name: string, downMm: number): SideLevel => ({
    level: level.zone,
    name,
    downMm,
    halfMm: halfWidth(level, half),
  });
  const past = belowWaistMm - levels.toHipMm;
  const hip = at(levels.hip, "hip", levels.toHipMm);
  return [
    at(levels.bust, "underarm", 0),
    at(levels.waist, "waist", levels.toWaistMm),
    hip,
    ...(past > NOTHING_MM ? [{ level: "hem", name: "hem", downMm: past, halfMm: hip.halfMm }] : []),
  ];
}
