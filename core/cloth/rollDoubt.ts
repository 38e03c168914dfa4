import type { ClothKind } from "./clothKind.ts";

/** Cloth by the metre usually lies this wide, mm; laces and elastics are narrower. */
const [NARROWEST_MM, WIDEST_MM] = [600, 3300] as const;

/** Kinds that are sold in strips. */
const IN_STRIPS: readonly ClothKind[] = ["lace", "elastic"];

/**
 * Asks about the width of a roll that cloth is not sold in: centimetres or inches written for millimetres.
 * @returns a sentence; null where nothing is asked. It never blocks.
 */
export function rollDoubt(widthMm: number, kind: ClothKind): string | null {
  if (IN_STRIPS.includes(kind) || (widthMm >= NARROWEST_MM && widthMm <= WIDEST_MM)) return null;
  return `Cloth by the metre lies some ${NARROWEST_MM} to ${WIDEST_MM} mm wide, and this is ${widthMm} mm: was another unit meant? It is taken as it stands.`;
}
