import { TRUNK_PARTS, type TrunkPart } from "../../body/index.ts";
import { lengthCut } from "../../ease/index.ts";

/** Less than this is left as it is, mm, as shipped. */
export const LEAVE_UNDER_MM = 10;

/** A trunk loop with as many of its parts as are known, mm. */
export interface TrunkLoop extends Readonly<Partial<Record<TrunkPart, number>>> {
  readonly trunkLoop: number;
}

/** How the difference is placed: half front and half back, or where each part lacks it. */
export type PlacingSchool = "halves" | "segments";

/** What a loop is worked out with: one strain along it, one round the body for all of it. */
export interface LoopStretch {
  readonly lengthStrain: number;
  /** Length-weighted mean over bust, waist and hip parts, straps and crotch counted as 0. */
  readonly girthStrain: number;
  readonly contraction: number;
  readonly freedom: number;
}

/** Where a trunk needs more length, or less. mm. */
export interface TrunkPlacing {
  /** Loop to cut. */
  readonly neededMm: number;
  /** Needed less present; below 0 the pattern is too long. */
  readonly deltaMm: number;
  /** False where the difference is too small to act on. */
  readonly act: boolean;
  /** As used: halves where segments were asked for and a part is missing. */
  readonly school: PlacingSchool;
  readonly frontMm: number;
  readonly backMm: number;
  /** By part; null where halves were used. */
  readonly byPart: Readonly<Record<TrunkPart, number>> | null;
  /** Parts that the segments school would need. */
  readonly missing: readonly TrunkPart[];
}

/** What a trunk is compared by. */
export interface TrunkInput {
  readonly body: TrunkLoop;
  /** As cut; or the body it is drawn for, where nothing is stretched. */
  readonly pattern: TrunkLoop;
  readonly stretch: LoopStretch;
  /** Less is left as it is, mm; 10 where left out. */
  readonly leaveUnderMm?: number;
}

/**
 * Compares the loop a body needs with the one a pattern has, and places the difference.
 *
 * By segments each part takes its own difference; what remains, since the loop and the sum of its parts rarely agree,
 * is spread over the parts in proportion to their body lengths.
 */
export function placeTrunkLength(
  school: PlacingSchool,
  { body, pattern, stretch, leaveUnderMm = LEAVE_UNDER_MM }: TrunkInput,
): TrunkPlacing {
  const cut = (bodyMm: number) => lengthCut([{ bodyMm, girthStrain: stretch.girthStrain }], stretch).cutMm;
  const neededMm = cut(body.trunkLoop);
  const deltaMm = neededMm - pattern.trunkLoop;
  const missing = school === "segments" ? TRUNK_PARTS.filter((part) => lacks(body, part) || lacks(pattern, part)) : [];
  const common = { neededMm, deltaMm, act: Math.abs(deltaMm) >= leaveUnderMm, missing };
  if (school === "halves" || missing.length > 0)
    return { ...common, school: "halves", frontMm: deltaMm / 2, backMm: deltaMm / 2, byPart: null };
  const byPart = spreadOverParts(body, pattern, deltaMm, cut);
  return {
    ...common,
    school,
    frontMm: byPart.frontWaist + byPart.crotchFront,
    backMm: byPart.crotchBack + byPart.backWaist,
    byPart,
  };
}

const lacks = (loop: TrunkLoop, part: TrunkPart): boolean => loop[part] === undefined;

function spreadOverParts(
  body: TrunkLoop,
  pattern: TrunkLoop,
  deltaMm: number,
  cut: (bodyMm: number) => number,
): Record<TrunkPart, number> {
  const bodyOf = (part: TrunkPart) => body[part] as number;
  const own = (part: TrunkPart) => cut(bodyOf(part)) - (pattern[part] as number);
  const sum = (read: (part: TrunkPart) => number) => TRUNK_PARTS.reduce((total, part) => total + read(part), 0);
  const [remainder, whole] = [deltaMm - sum(own), sum(bodyOf)];
  return Object.fromEntries(
    TRUNK_PARTS.map((part) => [part, own(part) + (remainder * bodyOf(part)) / whole]),
  ) as Record<TrunkPart, number>;
}
