import { LIKED_LENGTHS, type LikedLength } from "../../../core/ease/liked/likedGarment.ts";
import { likedLengthField } from "../../forms/likedFields.ts";
import { numberText } from "../../forms/numberField.ts";
import type { Fields } from "../../forms/unsaved.ts";

/** The fields a pattern's lengths are edited from: each with its unit, so that it reads the same in any. */
export const pointFields = (lengthsMm: Readonly<Partial<Record<LikedLength, number>>>): Fields =>
  Object.fromEntries(
    LIKED_LENGTHS.flatMap((length) => {
      const mm = lengthsMm[length];
      return mm === undefined ? [] : [[likedLengthField(length), `${numberText(mm)} mm`]];
    }),
  );
