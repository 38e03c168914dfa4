import { Type } from "typebox";

/** Longest amount and length of a change, mm: more is another garment. */
export const [MOST_MM, LONGEST_MM] = [300, 10_000];

/** A signed amount, mm. */
export const amount = () => Type.Number({ minimum: -MOST_MM, maximum: MOST_MM });

/** A length along an edge, mm. */
export const along = () => Type.Number({ minimum: 0, maximum: LONGEST_MM });

/** Name of a piece, an edge or a level. */
export const name = () => Type.String({ minLength: 1, maxLength: 60 });

/** A width or a distance that is never less than nothing, mm. */
export const gap = () => Type.Number({ minimum: 0, maximum: MOST_MM });

/** An edge moved between two marks along it, running to nothing over a blend before and after them. */
export const betweenMarks = () =>
  Type.Object(
    {
      piece: name(),
      edge: name(),
      amount: amount(),
      fullFrom: along(),
      fullTo: along(),
      blendBefore: along(),
      blendAfter: along(),
    },
    { additionalProperties: false },
  );
