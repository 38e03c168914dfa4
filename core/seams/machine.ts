import { type Static, Type } from "typebox";
import { STITCH_IDS } from "./stitches/index.ts";

/** Longest name of anything in a workshop, letters. */
const LONGEST_NAME = 80;

/** No workshop has more machines, or keeps more recipes. */
export const [MOST_MACHINES, MOST_RECIPES] = [40, 300] as const;

/** The highest a tension dial goes on any machine. */
export const HIGHEST_DIAL = 20;

/** Differential feed as far as machines go. */
export const DIFFERENTIAL = [0.5, 2.25] as const;

/** One machine as it is kept. */
export const machineSchema = Type.Object(
  {
    name: Type.String({ minLength: 1, maxLength: LONGEST_NAME }),
    stitches: Type.Array(Type.Enum([...STITCH_IDS]), { maxItems: STITCH_IDS.length }),
    /** The highest mark of its tension dials. */
    dialMost: Type.Number({ exclusiveMinimum: 0, maximum: HIGHEST_DIAL }),
    /** Where a balanced seam begins. */
    dialBase: Type.Number({ minimum: 0, maximum: HIGHEST_DIAL }),
    /** True where it feeds with differential. */
    differential: Type.Boolean(),
    notes: Type.String({ maxLength: 500 }),
  },
  { additionalProperties: false },
);

/** A machine of the workshop. */
export type Machine = Static<typeof machineSchema>;
