import { ok, type Result } from "../../../result.ts";
import type { Half } from "../drawn.ts";
import type { Given } from "../facts.ts";
import { frontShare } from "../shares.ts";
import type { SideLevel } from "../sideCurve.ts";
import { halfWidth, type SharedGirth } from "../widths.ts";

/** Bust, waist and hip of a block, with the heights between them, mm. */
export interface TopLevels {
  readonly bust: SharedGirth;
  readonly waist: SharedGirth;
  readonly hip: SharedGirth;
  /** From the underarm level down to the waist: half the back waist length. */
  readonly toWaistMm: number;
  readonly toHipMm: number;
}

/** The three levels of a camisole. @returns them, or what the front shares say. */
export function topLevels(given: Given): Result<TopLevels> {
  const [bust, waist, hip] = [frontShare(given, "bust"), frontShare(given, "waist"), frontShare(given, "hip")];
  if (!bust.ok) return bust;
  if (!waist.ok) return waist;
  if (!hip.ok) return hip;
  return ok({
    bust: { zone: "bust", girthMm: given.girth("bust"), front: bust.value },
    waist: { zone: "waist", girthMm: given.girth("waist"), front: waist.value },
    hip: { zone: "hip", girthMm: given.girth("hip"), front: hip.value },
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
