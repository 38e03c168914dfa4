import type { Prototype } from "./prototype.ts";

/** What is looked at to say how much girth its seams take up. */
export interface SeamsOfRing {
  /** Seams that cross the girth. */
  readonly seams: number;
  /** Thickness of all layers together, mm. */
  readonly thicknessMm: number;
}

/**
 * The girth bulky seams are expected to take up: about their thickness each. The plies of a seam are twice the layers.
 *
 * @returns mm, 0 or more.
 */
export const expectedLossMm = ({ seams, thicknessMm }: SeamsOfRing): number => seams * 2 * thicknessMm;

/** Thickness of the layers a prototype was made of, mm; null where a cloth's was not measured. */
export function layersThickness(
  { frozen }: Pick<Prototype, "frozen">,
  thicknessOf: (clothId: number) => number | null,
): number | null {
  const cloths = frozen.layers.map(({ clothId }) => clothId);
  return cloths.reduce<number | null>((sum, id) => {
    const own = thicknessOf(id);
    return sum === null || own === null ? null : sum + own;
  }, 0);
}
