import type { KeptLayup } from "../../core/cloth/index.ts";
import { inRow, withRows } from "../form/rows/withRows.ts";
import type { Fields } from "../form/unsaved.ts";

/** Most layers that are stitched together. */
export const MOST_LAYERS = 6;

/** Name of the list of layers, and of the fields of one, counted from 0. */
export const LAYERS = "layers";
export const layerFields = (row: number) =>
  ({
    cloth: inRow(LAYERS, row, "cloth"),
    direction: inRow(LAYERS, row, "direction"),
    role: inRow(LAYERS, row, "role"),
  }) as const;

/** The fields a new layup is filled in from: two layers stand ready. */
export const NEW_LAYUP: Fields = withRows({}, LAYERS, "cloth", 2);

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
      const names = layerFields(index);
      return {
        [names.cloth]: clothChoice({ id: clothId, name: nameOf(clothId) }),
        [names.direction]: direction,
        [names.role]: role,
      };
    }),
  ),
});
