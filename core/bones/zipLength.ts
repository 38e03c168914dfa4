import type { ClosedGarment } from "../calculation/index.ts";

/** Where a zip ends below the waist, mm, and what decides it. */
export interface ZipEnd {
  readonly belowWaistMm: number;
  /** The largest girth of the body it is stepped into over. */
  readonly passMm: number;
  /** True where no ring of the garment is wide enough: it opens all the way. */
  readonly opensWhole: boolean;
}

/**
 * How far below the waist a zip goes from the upper edge: to where what stays closed passes the largest girth of the body below, by the
 * rule for pulling on. Girths go evenly between levels.
 * @returns null where a height at the side is not known.
 */
export function zipEnd({ levels, heights }: ClosedGarment, usable: number): ZipEnd | null {
  if (!heights) return null;
  const from = levels.findIndex(({ level }) => level === "waist");
  const below = levels.slice(from);
  const passMm = Math.max(...below.map(({ bodyMm }) => bodyMm));
  let down = 0;
  for (const [at, { level, closedMm }] of below.entries()) {
    const before = below[at - 1];
    const step = at === 0 ? 0 : (heights[level]?.side ?? 0);
    const reaches = closedMm * (1 + usable);
    if (reaches >= passMm) {
      const was = before ? before.closedMm * (1 + usable) : reaches;
      const part = before && reaches > was ? (passMm - was) / (reaches - was) : 1;
      return { belowWaistMm: down + step * Math.min(1, Math.max(0, part)), passMm, opensWhole: false };
    }
    down += step;
  }
  return { belowWaistMm: down, passMm, opensWhole: true };
}
