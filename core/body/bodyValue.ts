import type { MeasureCode, Side } from "./measure.ts";
import { type MeasuredValue, measuredValue } from "./sheetValues.ts";

/** What of a sheet says a measure that was not taken itself: others whose lengths it is the sum of, less one. */
interface SaidBy {
  readonly sum: readonly MeasureCode[];
  readonly less?: MeasureCode;
}

const HIGH_HIP = ["waist_to_high_hip", "height_waist_high_hip_side"] as const;

/** Lengths down the side that have two names: one of the body's lengths, one of the heights between the levels of a corset. */
const SAME_LENGTHS: Readonly<Partial<Record<MeasureCode, readonly SaidBy[]>>> = {
  waist_to_high_hip: [{ sum: ["height_waist_high_hip_side"] }],
  height_waist_high_hip_side: [{ sum: ["waist_to_high_hip"] }],
  waist_to_hip: HIGH_HIP.map((highHip) => ({ sum: [highHip, "height_high_hip_hip_side"] })),
  height_high_hip_hip_side: HIGH_HIP.map((highHip) => ({ sum: ["waist_to_hip"], less: highHip })),
};

/**
 * A measure as it was taken, or as others of the sheet say it: the side from waist to high hip is one length, whether it was taken for a
 * brief or for a corset.
 *
 * @returns undefined where neither is on the sheet, or where what it is the rest of is longer than the whole.
 */
export function bodyValue(
  values: readonly MeasuredValue[],
  code: MeasureCode,
  side: Side = "single",
): MeasuredValue | undefined {
  const taken = measuredValue(values, code, side);
  if (taken || side !== "single") return taken;
  for (const { sum, less } of SAME_LENGTHS[code] ?? []) {
    const parts = [...sum, ...(less ? [less] : [])].map((one) => measuredValue(values, one)?.mm);
    if (parts.some((mm) => mm === undefined)) continue;
    const mm = (parts as number[]).reduce((total, part, at) => (at < sum.length ? total + part : total - part), 0);
    if (mm > 0) return { code, side, text: `${mm} mm`, mm };
  }
  return undefined;
}
