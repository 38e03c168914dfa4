import type { ClothKind } from "./clothKind.ts";
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

/**
 * The direction a form for the next test starts with: the one pulled last, or along for an elastic. None for the first
 * test of a cloth: it has to be said.
 */
export function startDirection(
  kind: ClothKind,
  tests: readonly { readonly id: number; readonly direction: Direction }[],
): Direction | "" {
  const last = tests.reduce<(typeof tests)[number] | null>(
    (newest, test) => (newest && newest.id > test.id ? newest : test),
    null,
  );
  return last?.direction ?? (kind === "elastic" ? "along" : "");
}

/** Directions of a cloth that no test was made in yet; an elastic is pulled along only. */
export const untestedDirections = (kind: ClothKind, tests: readonly { readonly direction: Direction }[]): Direction[] =>
  DIRECTIONS.filter(
    (direction) => (kind !== "elastic" || direction === "along") && !tests.some((test) => test.direction === direction),
  );
