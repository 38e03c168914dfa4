import type { KeptLayup } from "../../core/cloth/index.ts";
import type { Fields } from "../form/unsaved.ts";

/** Most layers that are stitched together. */
export const MOST_LAYERS = 6;

/** Names of the form fields of one layer, counted from 1. */
export const layerFields = (layer: number) =>
  ({ cloth: `layer.${layer}.cloth`, direction: `layer.${layer}.direction`, role: `layer.${layer}.role` }) as const;

/** A cloth as it is picked from the shelf: its name, and its number so that two of one name stay apart. */
export const clothChoice = ({ id, name }: { readonly id: number; readonly name: string }): string => `${name} · ${id}`;

/** The number behind a cloth picked from the shelf; null for a name typed by hand. */
export function clothIdOf(text: string): number | null {
  const match = /· ([1-9]\d{0,14})$/.exec(text);
  return match ? Number(match[1]) : null;
}

/** The fields a layup is edited from. */
export const layupFields = ({ name, notes, layers }: KeptLayup, nameOf: (clothId: number) => string): Fields => ({
  name,
  notes,
  ...Object.assign(
    {},
    ...layers.map(({ clothId, direction, role }, index) => {
      const names = layerFields(index + 1);
      return {
        [names.cloth]: clothChoice({ id: clothId, name: nameOf(clothId) }),
        [names.direction]: direction,
        [names.role]: role,
      };
    }),
  ),
});
