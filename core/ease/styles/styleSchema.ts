import { Type } from "typebox";
import { LONG_CODES } from "../../body/index.ts";
import { DIRECTIONS } from "../../cloth/index.ts";
import { SCHOOL_IDS } from "../schools/index.ts";
import { FAMILIES } from "../settings.ts";
import { ZONES } from "../zones.ts";

const words = (maxLength: number) => Type.String({ minLength: 1, maxLength });
const zones = () => Type.Array(Type.Enum([...ZONES]), { maxItems: ZONES.length });
const ratio = (maximum: number) => Type.Number({ minimum: 0, maximum });
const orNull = (schema: ReturnType<typeof ratio>) => Type.Union([schema, Type.Null()]);
const codes = () => Type.Array(Type.Enum([...LONG_CODES]), { maxItems: LONG_CODES.length });
const closed = <Properties extends Parameters<typeof Type.Object>[0]>(properties: Properties) =>
  Type.Object(properties, { additionalProperties: false });

/** Where a garment ends below the waist, mm. */
export const dropsSchema = closed({
  front: Type.Number({ minimum: -1000, maximum: 1000 }),
  back: Type.Number({ minimum: -1000, maximum: 1000 }),
  side: Type.Number({ minimum: -1000, maximum: 1000 }),
});

/** What a style asks of cloth and allows on the body; units as in `StyleLimits`. */
export const limitsSchema = closed({
  leastStretch: ratio(50),
  leastStretchAlong: orNull(ratio(50)),
  mostStretch: orNull(ratio(50)),
  mostShare: ratio(10),
  mostPressureKpa: ratio(100),
});

/** What is decided of a garment's parts, by the names of the decisions. */
const partsSchema = () => Type.Record(Type.String({ pattern: "^[a-zA-Z]{1,40}$" }), words(40), { maxProperties: 40 });

/** What a workshop changed of a shipped style, as it is kept. */
export const ownStyleSchema = closed({
  zones: zones(),
  drops: dropsSchema,
  limits: limitsSchema,
  parts: partsSchema(),
});

/** A whole style, as a prototype freezes it. Meanings as in `Style`. */
export const styleSchema = closed({
  id: words(40),
  name: words(200),
  summary: Type.String({ maxLength: 2000 }),
  family: Type.Enum([...FAMILIES]),
  zones: zones(),
  measures: codes(),
  beginsWithout: Type.Optional(codes()),
  limits: limitsSchema,
  parts: Type.Optional(partsSchema()),
  pullOn: Type.Array(
    closed({
      ring: Type.Enum([...ZONES]),
      over: codes(),
      edge: Type.Optional(Type.Literal(true)),
      either: Type.Optional(Type.Boolean()),
    }),
    { maxItems: 40 },
  ),
  lengths: Type.Array(
    closed({
      id: words(60),
      name: words(200),
      segments: Type.Array(closed({ code: Type.Enum([...LONG_CODES]), zones: zones() }), { maxItems: 20 }),
      loop: Type.Optional(Type.Literal(true)),
      drop: Type.Optional(Type.Enum(["front", "back", "side"])),
      ofElastic: Type.Optional(Type.Literal(true)),
    }),
    { maxItems: 60 },
  ),
  drops: dropsSchema,
  schools: Type.Array(Type.Enum([...SCHOOL_IDS]), { maxItems: SCHOOL_IDS.length }),
  usualDirection: Type.Enum([...DIRECTIONS]),
  seamsTakingChange: closed(
    Object.fromEntries(
      ZONES.map((zone) => [
        zone,
        Type.Optional(closed({ count: Type.Integer({ minimum: 1, maximum: 100 }), name: words(200) })),
      ]),
    ),
  ),
  closes: Type.Optional(Type.Enum(["laced", "zip"])),
  // Said of boned garments before they had rules of their own: older plans hold it.
  notYet: Type.Optional(Type.String({ maxLength: 2000 })),
  cautions: Type.Array(Type.String({ maxLength: 2000 }), { maxItems: 60 }),
});
