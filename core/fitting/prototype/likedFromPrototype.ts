import type { LikedGarment, Zone } from "../../ease/index.ts";
import type { Prototype } from "./prototype.ts";

/**
 * A signed-off prototype as a garment that fits: its widths as they were sewn. Of two legs the wider one counts.
 *
 * @returns null where nothing of it was measured as sewn: what was only planned is no garment.
 */
export function likedFromPrototype(
  { frozen, sewn }: Pick<Prototype, "frozen" | "sewn">,
  own: Pick<LikedGarment, "wearerId" | "name" | "measuredOn" | "notes">,
): Omit<LikedGarment, "id" | "version"> | null {
  if (sewn.length === 0) return null;
  const widthsMm: Partial<Record<Zone, number>> = {};
  for (const { zone, sewnMm } of sewn) widthsMm[zone] = Math.max(widthsMm[zone] ?? 0, sewnMm / 2);
  const layered = frozen.layers.length > 1;
  return {
    ...own,
    clothId: frozen.cloth.id,
    direction: frozen.test.direction,
    // Layers together stretch less than the one on the shelf does.
    usable: layered ? frozen.stretch.usable : null,
    widthsMm,
    lengthsMm: {},
  };
}
