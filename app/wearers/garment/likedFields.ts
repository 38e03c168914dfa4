import type { Direction } from "../../../core/cloth/index.ts";
import { LIKED_LENGTHS, type LikedGarment, type LikedLength, ZONES, type Zone } from "../../../core/ease/index.ts";
import { clothChoice } from "../../cloths/layupFields.ts";
import { numberText, percentText } from "../../form/numberText.ts";
import type { Fields } from "../../form/unsaved.ts";

/** Names of the fields of a garment that fits. */
export const widthField = (zone: Zone): string => `width.${zone}`;
export const likedLengthField = (length: LikedLength): string => `length.${length}`;

/** The fields a garment is edited from: every length with its unit, so that it reads the same in any. */
export const likedFields = (garment: LikedGarment, clothName: string | null): Fields => ({
  name: garment.name,
  measuredOn: garment.measuredOn,
  cloth: garment.clothId === null ? "" : clothChoice({ id: garment.clothId, name: clothName ?? "" }),
  direction: garment.direction satisfies Direction,
  usable: percentText(garment.usable),
  notes: garment.notes,
  ...millimetreFields(ZONES, garment.widthsMm, widthField),
  ...likedLengthFields(garment.lengthsMm),
});

/** The fields the lengths of a garment, or of a pattern held against it, are edited from. */
export const likedLengthFields = (lengthsMm: LikedGarment["lengthsMm"]): Fields =>
  millimetreFields(LIKED_LENGTHS, lengthsMm, likedLengthField);

const millimetreFields = <Key extends string>(
  keys: readonly Key[],
  valuesMm: Readonly<Partial<Record<Key, number>>>,
  nameOf: (key: Key) => string,
): Fields =>
  Object.fromEntries(
    keys.flatMap((key) => {
      const mm = valuesMm[key];
      return mm === undefined ? [] : [[nameOf(key), `${numberText(mm)} mm`]];
    }),
  );
