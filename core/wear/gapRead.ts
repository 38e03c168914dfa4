import type { ClosedGarment } from "../calculation/index.ts";
import { changePerEdge, GAP_PLACES, type GapPlace, isParallel, PARALLEL_MM } from "../corset/index.ts";
import type { ClosedOn, GapRow } from "./working.ts";

/** A gap that was read whole, with what it says. mm */
export interface GapRead {
  readonly at: number;
  readonly on: string | null;
  readonly who: ClosedOn;
  readonly mockUp: number | null;
  readonly gap: Readonly<Record<GapPlace, number>>;
  readonly parallel: boolean;
  /** Parallel, and as wanted. */
  readonly good: boolean;
  /** What each seam edge takes, above 0 outward; null while the number of seams is not known. */
  readonly perEdge: Readonly<Record<GapPlace, number>> | null;
}

/** Reads a row; null where one of the three widths was not read. */
export function gapRead(row: GapRow, at: number, targetMm: number, seams: number | null): GapRead | null {
  const { topMm: top, waistMm: waist, bottomMm: bottom } = row;
  if (top === null || waist === null || bottom === null) return null;
  const gap = { top, waist, bottom };
  const parallel = isParallel(gap);
  return {
    ...{ at, on: row.on, who: row.who, mockUp: row.mockUp, gap, parallel },
    good: parallel && GAP_PLACES.every((place) => Math.abs(gap[place] - targetMm) <= PARALLEL_MM),
    perEdge:
      seams === null
        ? null
        : (Object.fromEntries(GAP_PLACES.map((place) => [place, changePerEdge(gap[place], targetMm, seams)])) as Record<
            GapPlace,
            number
          >),
  };
}

/**
 * The gap at each level, mm: as read at the top, the waist and the bottom, evenly over the height behind between them; over their number
 * where no height is known.
 */
export function gapAtLevels({ levels, heights }: ClosedGarment, { gap }: Pick<GapRead, "gap">): number[] {
  const steps = levels.map(({ level }, index) => (index === 0 ? 0 : (heights?.[level]?.back ?? 1)));
  const at = steps.map((_, index) => steps.slice(0, index + 1).reduce((sum, mm) => sum + mm, 0));
  const waist = at[levels.findIndex(({ level }) => level === "waist")] ?? 0;
  const last = at.at(-1) ?? 0;
  return at.map((place) => {
    if (place <= waist) return waist === 0 ? gap.waist : gap.top + ((gap.waist - gap.top) * place) / waist;
    return gap.waist + ((gap.bottom - gap.waist) * (place - waist)) / (last - waist);
  });
}
