import { Type } from "typebox";
import { LONG_CODES } from "../../core/body/index.ts";
import { CLOTH_KINDS } from "../../core/cloth/index.ts";
import { SCHOOL_IDS } from "../../core/ease/index.ts";
import { WRAP_COUNTS } from "../../core/torso/index.ts";
import { WORKING_IDS } from "../../core/workings/index.ts";
import { change, prototype } from "./recordSchema.ts";
import { above0, closed, day, direction, identity, list, open, orNull, ref, text, word, zone } from "./schemaParts.ts";

export const test = open({
  id: ref("a test"),
  clothId: ref("a cloth"),
  direction: direction(),
  testedOn: day(),
  state: Type.Enum(["new", "wet", "washed", "worn"]),
  struck: Type.Optional(orNull(text(400))),
  directionWas: Type.Optional(orNull(direction())),
  hand: orNull(open({ gaugeMm: above0(), stretchedMm: above0(), afterMm: orNull(above0()) })),
  ladder: orNull(
    open({
      form: Type.Enum(["strip", "loop"]),
      widthMm: above0(),
      gaugeMm: above0(),
      steps: list(
        open({
          forceN: Type.Number({ minimum: 0 }),
          lengthMm: above0(),
          phase: Type.Enum(["load", "unload"]),
          cycle: Type.Integer({ minimum: 1 }),
        }),
      ),
    }),
  ),
});

export const clothSchema = open({
  id: ref("this cloth"),
  identity: identity(),
  name: word(),
  kind: Type.Enum([...CLOTH_KINDS]),
  notes: text(),
  tests: list(test),
});

/** Format of what stands beside it; left out by older files, which know the first only. */
export const format = () => Type.Optional(Type.Integer({ minimum: 1, maximum: 1000 }));

export const wearerSchema = open({
  identity: identity(),
  name: word(),
  kind: Type.Enum(["person", "form"]),
  notes: text(),
});

export const sheetSchema = open({
  takenOn: day(),
  unit: Type.Enum(["cm", "in"]),
  tape: Type.Enum(["snug", "finger"]),
  values: list(
    open({
      code: Type.Enum([...LONG_CODES]),
      side: Type.Enum(["single", "left", "right"]),
      text: text(200),
      mm: above0(),
    }),
  ),
});

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
      closures: Type.Record(Type.String(), Type.String()),
      patternLengthsMm: Type.Record(Type.String(), Type.Number()),
      stiffness: orNull(above0()),
      signedOff: orNull(closed({ on: day(), words: text() })),
      school: orNull(Type.Enum([...SCHOOL_IDS])),
      zones: Type.Record(Type.String(), open({ by: Type.String() })),
      pressuresKpa: Type.Record(Type.String(), Type.Number()),
    }),
    ownStyle: orNull(
      open({
        name: word(),
        basedOn: word(),
        format: format(),
        zones: list(zone(), 8),
        drops: open({}),
        limits: open({}),
      }),
    ),
    wearer: wearerSchema,
    sheet: orNull(sheetSchema),
    cloths: list(clothSchema, 200),
    layup: orNull(
      open({
        name: word(),
        notes: text(),
        layers: list(open({ clothId: ref("a cloth"), direction: direction() }), 12),
      }),
    ),
    chart: orNull(open({ name: word(), notes: text(), sizes: list(open({ name: word() }), 100) })),
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
