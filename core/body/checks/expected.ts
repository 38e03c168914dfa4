import { measureOf } from "../catalogue/index.ts";
import type { MeasureCode } from "../measure.ts";
import { type MeasuredValue, measuredValue } from "../sheetValues.ts";

/**
 * Usual proportions of an adult body, mm: only their ratios count, to rank slips of the pen by how near they come to
 * what the other measures lead one to expect. Never shown, never planned with.
 */
const USUAL: Readonly<Partial<Record<MeasureCode, number>>> = {
  neck: 350,
  shoulder_girth: 1020,
  overbust: 890,
  bust: 940,
  bust_leaning: 970,
  underbust: 790,
  underbust_inhaled: 820,
  mid_rib: 770,
  waist: 760,
  waist_inhaled: 780,
  waist_seated: 790,
  cinched_waist: 700,
  high_hip: 910,
  hip: 1000,
  thigh: 590,
  upper_arm: 290,
  leg_edge: 600,
  back_waist: 410,
  front_waist: 440,
  trunk_loop: 1590,
  crotch_front: 330,
  crotch_back: 380,
  crotch_depth: 270,
  waist_to_hip: 205,
  waist_to_high_hip: 100,
};

/** Middle of its range where no proportion is listed: on a scale of ratios, the geometric one. */
function usualOf(code: MeasureCode): number {
  const [low, high] = measureOf(code).rangeMm;
  return USUAL[code] ?? Math.sqrt(low * high);
}

/**
 * What a measure is expected to be: the mean of what its own kind on the same sheet leads to by the usual proportions,
 * of the wearer's last sheet, and of the other side, each of which counts as much as all of those together.
 *
 * @returns mm; null where nothing says anything about it.
 */
export function expectedMm(
  { code, side }: Pick<MeasuredValue, "code" | "side">,
  values: readonly MeasuredValue[],
  earlier: readonly MeasuredValue[],
): number | null {
  const { kind } = measureOf(code);
  const scales = values
    .filter((value) => value.code !== code && measureOf(value.code).kind === kind && USUAL[value.code] !== undefined)
    .map((value) => value.mm / usualOf(value.code));
  const byKind = scales.length === 0 ? null : usualOf(code) * middle(scales);
  const before = measuredValue(earlier, code, side)?.mm ?? null;
  const across =
    side === "single" ? null : (measuredValue(values, code, side === "left" ? "right" : "left")?.mm ?? null);
  const known = [byKind, before, across].filter((mm) => mm !== null);
  return known.length === 0 ? null : known.reduce((product, mm) => product * mm, 1) ** (1 / known.length);
}

/** The median: one wrong neighbour does not carry the others along. */
function middle(scales: readonly number[]): number {
  const sorted = scales.toSorted((a, b) => a - b);
  const at = Math.floor(sorted.length / 2);
  const [low, high] = [sorted[at - 1 + (sorted.length % 2)], sorted[at]];
  return Math.sqrt((low ?? 1) * (high ?? 1));
}
