import type { Direction } from "../../core/cloth/direction.ts";
import { LIKED_LENGTHS, type LikedGarment, type LikedLength } from "../../core/ease/liked/likedGarment.ts";
import { ZONES, type Zone } from "../../core/ease/zones.ts";
import { clothChoice } from "./layupFields.ts";
import { numberText } from "./numberField.ts";
import type { Fields } from "./unsaved.ts";

/** Names of the fields of a garment that fits. */
export const widthField = (zone: Zone): string => `width.${zone}`;
export const likedLengthField = (length: LikedLength): string => `length.${length}`;

/** The fields a garment is edited from: every length with its unit, so that it reads the same in any. */
export const likedFields = (garment: LikedGarment, clothName: string | null): Fields => ({
  name: garment.name,
  measuredOn: garment.measuredOn,
  cloth: garment.clothId === null ? "" : clothChoice({ id: garment.clothId, name: clothName ?? "" }),
  direction: garment.direction satisfies Direction,
  usable: garment.usable === null ? "" : numberText(garment.usable * 100),
  notes: garment.notes,
  ...Object.fromEntries(
    ZONES.flatMap((zone) => {
      const mm = garment.widthsMm[zone];
      return mm === undefined ? [] : [[widthField(zone), `${numberText(mm)} mm`]];
    }),
  ),
  ...Object.fromEntries(
    LIKED_LENGTHS.flatMap((length) => {
      const mm = garment.lengthsMm[length];
      return mm === undefined ? [] : [[likedLengthField(length), `${numberText(mm)} mm`]];
    }),
  ),
});
