/** Direction in which a swatch is pulled: lengthwise, crosswise, or at 45 degrees. */
export type Direction = "along" | "across" | "bias";

/** All directions in the order they are listed. */
export const DIRECTIONS: readonly Direction[] = ["across", "along", "bias"];

/** Plain words for each direction. */
export const DIRECTION_NAMES: Readonly<Record<Direction, string>> = {
  along: "along (lengthwise)",
  across: "across (crosswise)",
  bias: "bias",
};
