import { NEAR_LIMIT_SHARE } from "../../ease/index.ts";

/** Over this much more difference than the pattern was drafted for, room is needed, mm. */
const NEEDED_OVER_MM = 25;

/** What bust room is judged from. Lengths in mm, the rest ratios. */
export interface BustRoomInput {
  readonly bustMm: number;
  readonly overbustMm: number;
  /** Girth of the pattern at the bust, as it is. */
  readonly patternBustMm: number;
  readonly usable: number;
  /** D₀: difference of bust and overbust the pattern is drafted for. */
  readonly draftedDifferenceMm: number;
  /** Garment girth planned at the bust; null where there is no plan. */
  readonly plannedGarmentMm: number | null;
  /** Bust strain planned, where there is no planned girth; null for none: the room as worn. */
  readonly plannedStrain: number | null;
}

/** Bust room and why. mm. */
export interface BustRoom {
  /** D: bust less overbust. */
  readonly differenceMm: number;
  /** D − D₀. */
  readonly excessMm: number;
  /** As cut, both sides. */
  readonly fullRoomMm: number;
  /** What brings the bust down to 0.6 of the usable stretch. */
  readonly leastRoomMm: number;
  /** Bust strain with nothing changed. */
  readonly strain: number;
  readonly verdict: "needed" | "optional" | "none";
  readonly decidedBy: "strain" | "difference";
}

/** Judges the room a bust needs in a pattern; both the full and the least room are given, none is lent silently. */
export function bustRoom(input: BustRoomInput): BustRoom {
  const { bustMm, patternBustMm, usable } = input;
  const differenceMm = bustMm - input.overbustMm;
  const excessMm = differenceMm - input.draftedDifferenceMm;
  const strain = bustMm / patternBustMm - 1;
  const strained = strain > NEAR_LIMIT_SHARE * usable;
  return {
    differenceMm,
    excessMm,
    fullRoomMm: fullRoom(excessMm, input),
    leastRoomMm: Math.max(0, bustMm / (1 + NEAR_LIMIT_SHARE * usable) - patternBustMm),
    strain,
    verdict: strained || excessMm > NEEDED_OVER_MM ? "needed" : excessMm > 0 ? "optional" : "none",
    decidedBy: strained ? "strain" : "difference",
  };
}

const fullRoom = (excessMm: number, { plannedGarmentMm, plannedStrain, patternBustMm }: BustRoomInput): number =>
  plannedGarmentMm === null
    ? Math.max(0, excessMm) / (1 + (plannedStrain ?? 0))
    : Math.max(0, plannedGarmentMm - patternBustMm);
