/** Classes of usable stretch, from cloth that hardly gives to cloth that nearly doubles. */
export type StretchClass = "stable" | "light" | "moderate" | "high" | "power";

const UPPER_LIMITS: readonly (readonly [number, StretchClass])[] = [
  [0.15, "stable"],
  [0.25, "light"],
  [0.5, "moderate"],
  [0.75, "high"],
];

/** The class of a usable stretch (ratio, 0 or more); each class ends just below its upper limit. */
export function stretchClassOf(usable: number): StretchClass {
  return UPPER_LIMITS.find(([limit]) => usable < limit)?.[1] ?? "power";
}

/** Under this usable stretch a cloth is not worn smaller than the body (corsets apart). */
export const STABLE_BELOW = 0.15;
