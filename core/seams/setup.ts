import { type Static, Type } from "typebox";
import { DIRECTIONS } from "../cloth/index.ts";
import { DIFFERENTIAL, HIGHEST_DIAL } from "./machine.ts";
import { POSITIONS } from "./position.ts";
import { STITCH_IDS, STITCH_LENGTH_MM } from "./stitches/index.ts";
import { THREADS } from "./thread.ts";

/** Kinds of needles. */
export const NEEDLE_KINDS = ["stretch", "jersey", "universal", "microtex", "ballpoint"] as const;

/** Sizes of needles, in hundredths of a millimetre across. */
export const NEEDLE_SIZES = [60, 65, 70, 75, 80, 90, 100] as const;

const words = (most: number) => Type.String({ maxLength: most });

/** One thread of a set-up: what it is, and its dial. */
export const threadSchema = Type.Object(
  {
    position: Type.Enum([...POSITIONS]),
    kind: Type.Enum(THREADS.map(({ id }) => id)),
    /** Null where the machine's dial was not told. */
    tension: Type.Union([Type.Number({ minimum: 0, maximum: HIGHEST_DIAL }), Type.Null()]),
  },
  { additionalProperties: false },
);

/** How a scrap was sewn. */
export const setupSchema = Type.Object(
  {
    /** By its name in the workshop. */
    machine: Type.String({ minLength: 1, maxLength: 80 }),
    stitch: Type.Enum([...STITCH_IDS]),
    needleKind: Type.Enum([...NEEDLE_KINDS]),
    needleSize: Type.Enum([...NEEDLE_SIZES]),
    threads: Type.Array(threadSchema, { maxItems: POSITIONS.length }),
    /** Where its machine's dials begin and end, as they were when it was sewn. */
    dialBase: Type.Number({ minimum: 0, maximum: HIGHEST_DIAL }),
    dialMost: Type.Number({ exclusiveMinimum: 0, maximum: HIGHEST_DIAL }),
    /** mm */
    lengthMm: Type.Number({ minimum: STITCH_LENGTH_MM[0], maximum: STITCH_LENGTH_MM[1] }),
    /** mm; null for a stitch without one. */
    widthMm: Type.Union([Type.Number({ minimum: 0, maximum: 9 }), Type.Null()]),
    differential: Type.Union([Type.Number({ minimum: DIFFERENTIAL[0], maximum: DIFFERENTIAL[1] }), Type.Null()]),
    foot: words(80),
    /** True where the cloth was fed slightly stretched. */
    fedStretched: Type.Boolean(),
    /** Sewn through, of both pieces that meet. */
    layers: Type.Integer({ minimum: 1, maximum: 12 }),
    direction: Type.Enum([...DIRECTIONS]),
  },
  { additionalProperties: false },
);

/** One thread of a set-up. */
export type SetupThread = Static<typeof threadSchema>;

/** How a scrap was sewn. */
export type SeamSetup = Static<typeof setupSchema>;
