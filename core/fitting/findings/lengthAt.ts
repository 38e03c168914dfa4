import type { FrozenLength } from "../prototype.ts";
import type { SpotId } from "../spots.ts";

/** Lengths of a plan that run through a spot, the closest first. */
const THROUGH: Readonly<Partial<Record<SpotId, readonly string[]>>> = {
  smallOfBack: ["backWaist", "trunk", "backRise"],
  underBustFront: ["frontWaist", "trunk", "depth"],
  frontCrotch: ["frontRise", "trunk"],
  seat: ["backRise", "trunk"],
  crotch: ["trunk", "frontRise"],
  strap: ["strap", "trunk"],
};

/** The length of the plan that runs through a spot; empty where none of the garment's does. */
export function lengthAt(spot: SpotId, lengths: readonly Pick<FrozenLength, "id">[]): string {
  return (THROUGH[spot] ?? []).find((id) => lengths.some((length) => length.id === id)) ?? "";
}
