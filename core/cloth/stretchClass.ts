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

/** The usable stretches of the class that one belongs to: from the first, up to but without the last. */
export function classRange(usable: number): { readonly from: number; readonly to: number } {
  const at = UPPER_LIMITS.findIndex(([limit]) => usable < limit);
  const upper = at === -1 ? UPPER_LIMITS.length : at;
  return { from: UPPER_LIMITS[upper - 1]?.[0] ?? 0, to: UPPER_LIMITS[upper]?.[0] ?? Number.POSITIVE_INFINITY };
}

/** Under this usable stretch a cloth is not worn smaller than the body (corsets apart). */
export const STABLE_BELOW = 0.15;
