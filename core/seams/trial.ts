import { type Static, Type } from "typebox";
import { isoDay } from "../schemaParts.ts";
import { POSITIONS } from "./position.ts";
import { LOOKS } from "./seamStretch.ts";
import { setupSchema } from "./setup.ts";

/** Everything that can give. */
export const GAVE = ["nothing", "cloth", "skipped", ...POSITIONS] as const;

/** A scrap is marked this far along its seam where nothing else is said, mm. */
export const USUAL_GAUGE_MM = 100;

/** One scrap, sewn and pulled. */
export const trialSchema = Type.Object(
  {
    /** Its own number within the job: kept when others are taken away. */
    id: Type.Integer({ minimum: 1, maximum: 100_000 }),
    /** ISO day it was sewn on. */
    on: isoDay(),
    setup: setupSchema,
    gaugeMm: Type.Number({ minimum: 10, maximum: 1000 }),
    /** Where the first stitch broke, or the cloth would go no further, mm. */
    lengthMm: Type.Number({ minimum: 10, maximum: 5000 }),
    gave: Type.Enum([...GAVE]),
    look: Type.Enum([...LOOKS]),
    /** After 60 s at rest, mm; null where it was not read. */
    restMm: Type.Union([Type.Number({ minimum: 10, maximum: 5000 }), Type.Null()]),
    notes: Type.String({ maxLength: 1000 }),
  },
  { additionalProperties: false },
);

/** One scrap, sewn and pulled. */
export type SeamTrial = Static<typeof trialSchema>;
