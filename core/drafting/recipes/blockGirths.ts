import { ok, type Result } from "../../result.ts";
import type { Given } from "./facts.ts";
import { frontShare } from "./shares.ts";
import type { SharedGirth } from "./widths.ts";

/** Bust, waist and hip of a block, each with the front's share. */
export interface BlockGirths {
  readonly bust: SharedGirth;
  readonly waist: SharedGirth;
  readonly hip: SharedGirth;
}

/** The girths of a block from the bust down. @returns them, or what the front shares say. */
export function blockGirths(given: Given): Result<BlockGirths> {
  const [bust, waist, hip] = [frontShare(given, "bust"), frontShare(given, "waist"), frontShare(given, "hip")];
  if (!bust.ok) return bust;
  if (!waist.ok) return waist;
  if (!hip.ok) return hip;
  return ok({
    bust: { zone: "bust", girthMm: given.girth("bust"), front: bust.value },
    waist: { zone: "waist", girthMm: given.girth("waist"), front: waist.value },
    hip: { zone: "hip", girthMm: given.girth("hip"), front: hip.value },
  });
}
