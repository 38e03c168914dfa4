import type { Position } from "./position.ts";

/** What gave when a seam was pulled: a thread, a stitch that was skipped, the cloth, or nothing. */
export type Gave = Position | "nothing" | "cloth" | "skipped";

/** How a seam looks. */
export const LOOKS = ["balanced", "loopsTop", "loopsUnder", "tunnelled", "wavy", "puckered", "skipped"] as const;

/** One of {@link LOOKS}. */
export type Look = (typeof LOOKS)[number];

/** Is a seam good enough: too short, or a stitch left out; enough; or as far as the cloth goes. */
export type SeamVerdict = "fail" | "pass" | "strong";

/** A seam stretches further than what is sewn with it by this factor, and never less than this (domain notes, section 7). */
export const [RESERVE, LEAST_NEEDED] = [1.25, 0.3] as const;

/**
 * Stretch a seam needs, ratio: `n = max(0.30, 1.25 · max(ε, q))`.
 * @param strains in wear and when put on, of the zones it crosses.
 */
export const neededStretch = (strains: readonly number[]): number =>
  Math.max(LEAST_NEEDED, RESERVE * Math.max(0, ...strains));

/** Stretch of a seam, ratio: `σ = L / g − 1`, L where the first stitch broke or the cloth would go no further. mm, both above 0 */
export const seamStretch = (lengthMm: number, gaugeMm: number): number => lengthMm / gaugeMm - 1;

/** What of a trial decides. Ratios. */
export interface Tried {
  readonly stretch: number;
  readonly needed: number;
  /** Of the cloth; null where it was not tested. */
  readonly usable: number | null;
  readonly gave: Gave;
  readonly look?: Look | undefined;
}

/** Judges a seam: fail where it breaks before what is needed or skips, strong where it goes as far as its cloth, else pass. */
export function seamVerdict({ stretch, needed, usable, gave, look }: Tried): SeamVerdict {
  if (gave === "skipped" || look === "skipped" || stretch < needed) return "fail";
  return usable !== null && stretch >= usable ? "strong" : "pass";
}
