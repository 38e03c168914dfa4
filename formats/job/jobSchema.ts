import { Type } from "typebox";
import { SHEET_PROPERTIES } from "../../core/body/index.ts";
import { CLOTH_PROPERTIES, LAYER_ROLES, TEST_PROPERTIES } from "../../core/cloth/index.ts";
import {
  CHART_MEASURES,
  LIKED_LENGTHS,
  openingsSchema,
  pressuresSchema,
  SCHOOL_IDS,
  zoneChoicesSchema,
} from "../../core/ease/index.ts";
import { WRAP_COUNTS } from "../../core/torso/index.ts";
import { WORKING_IDS } from "../../core/workings/index.ts";
import { change, prototype } from "./recordSchema.ts";
import { above0, closed, day, direction, identity, list, open, orNull, ref, text, word, zone } from "./schemaParts.ts";

/** A test of a swatch. */
export const test = open({ id: ref("a test"), clothId: ref("a cloth"), ...TEST_PROPERTIES });

/** A cloth with its tests. */
export const clothSchema = open({
  id: ref("this cloth"),
  identity: identity(),
  ...CLOTH_PROPERTIES,
  tests: list(test),
});

/** Format of what stands beside it; left out by older files, which know the first only. */
export const format = () => Type.Optional(Type.Integer({ minimum: 1, maximum: 1000 }));

/** A wearer. */
export const wearerSchema = open({
  identity: identity(),
  name: word(),
  kind: Type.Enum(["person", "form"]),
  child: Type.Boolean(),
  allergies: text(),
  notes: text(),
});

/** A sheet. */
export const sheetSchema = open(SHEET_PROPERTIES);

/** A body wrap. */
export const wrapSchema = open({
  id: ref("this body wrap"),
  name: word(),
  takenOn: day(),
  notes: text(),
  edges: list(
    closed({
      piece: text(120),
      lengthMm: above0(),
      counts: Type.Enum(WRAP_COUNTS.map(({ id }) => id)),
      twice: Type.Boolean(),
      seam: text(20),
    }),
    200,
  ),
});

const girths = () => closed(Object.fromEntries(CHART_MEASURES.map((one) => [one, Type.Optional(above0())])));

/** JSON file of a whole job; published as docs/formats/job.schema.json. */
export const jobSchema = Type.Object(
  {
    format: Type.Literal("stenz.job"),
    version: Type.Literal(1),
    job: closed({
      identity: identity(),
      name: word(),
      notes: text(),
      styleId: word(),
      clothId: orNull(ref("a cloth")),
      girthDirection: direction(),
      edgeElasticId: orNull(ref("a cloth")),
      closures: openingsSchema,
      patternLengthsMm: closed(Object.fromEntries(LIKED_LENGTHS.map((length) => [length, Type.Optional(above0())]))),
      stiffness: orNull(above0()),
      signedOff: orNull(closed({ on: day(), words: text() })),
      school: orNull(Type.Enum([...SCHOOL_IDS])),
      zones: zoneChoicesSchema,
      pressuresKpa: pressuresSchema,
    }),
    ownStyle: orNull(
      open({
        name: word(),
        basedOn: word(),
        format: format(),
        zones: list(zone(), 8),
        drops: open({}),
        limits: open({}),
        parts: Type.Optional(open({})),
      }),
    ),
    wearer: wearerSchema,
    sheet: orNull(sheetSchema),
    cloths: list(clothSchema, 200),
    layup: orNull(
      open({
        name: word(),
        notes: text(),
        layers: list(open({ clothId: ref("a cloth"), direction: direction(), role: Type.Enum([...LAYER_ROLES]) }), 12),
      }),
    ),
    chart: orNull(
      open({
        name: word(),
        notes: text(),
        ease: Type.Enum(["stretch", "loose"]),
        ownReduction: orNull(Type.Number({ minimum: -0.5, maximum: 0.5 })),
        sizes: list(open({ name: word(), body: girths(), finished: girths() }), 100),
      }),
    ),
    wraps: Type.Optional(list(wrapSchema, 50)),
    workings: list(
      closed({
        id: Type.Enum([...WORKING_IDS]),
        format: format(),
        working: open({}),
        texts: Type.Record(Type.String(), text()),
      }),
      20,
    ),
    prototypes: list(prototype, 200),
    changes: list(change),
  },
  { additionalProperties: false, $id: "stenz.job", title: "A whole job with its fitting record" },
);
