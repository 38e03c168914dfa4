import type { FrozenLength } from "../../prototype/frozenPlan.ts";
import type { SpotId } from "../spot.ts";

/** Lengths of a plan that run through a spot, the closest first. */
const THROUGH: Readonly<Partial<Record<SpotId, readonly string[]>>> = {
  smallOfBack: ["backWaist", "trunk", "backRise"],
  underBustFront: ["frontWaist", "trunk", "depth"],
  frontCrotch: ["frontRise", "trunk"],
  seat: ["backRise", "trunk"],
  crotch: ["trunk", "frontRise"],
  strap: ["strap", "trunk"],
};

/** Lengths that end at a line, by line and piece: moving the line at the lengthen line above it changes them. */
const ENDS_AT: Readonly<Partial<Record<SpotId, Readonly<Record<"front" | "back", string>>>>> = {
  waist: { front: "frontWaist", back: "backWaist" },
};

/** Lengths that take their half of what is given to front or back, the whole trunk first. */
const HALVES: Readonly<Record<"front" | "back", readonly string[]>> = {
  front: ["trunk", "frontWaist", "frontRise"],
  back: ["trunk", "backWaist", "backRise"],
};

type Lengths = readonly Pick<FrozenLength, "id">[];

/** The length of the plan that ends at a line on a piece; empty where none of the garment's does. */
export function lengthEndingAt(spot: SpotId, piece: "front" | "back", lengths: Lengths): string {
  const id = ENDS_AT[spot]?.[piece] ?? "";
  return lengths.some((length) => length.id === id) ? id : "";
}

/** The length of the plan that takes front or back half of a length given; empty where none of the garment's does. */
export const lengthOfHalf = (piece: "front" | "back", lengths: Lengths): string =>
  HALVES[piece].find((id) => lengths.some((length) => length.id === id)) ?? "";

/** The length of the plan that runs through a spot; empty where none of the garment's does. */
export function lengthAt(spot: SpotId, lengths: Lengths): string {
  return (THROUGH[spot] ?? []).find((id) => lengths.some((length) => length.id === id)) ?? "";
}
