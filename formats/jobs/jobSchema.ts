import { type TSchema, Type } from "typebox";
import { LONG_CODES } from "../../core/body/index.ts";
import { CLOTH_KINDS } from "../../core/cloth/index.ts";
import { SCHOOL_IDS, ZONES } from "../../core/ease/index.ts";
import { FIGURE_VIEWS } from "../../core/figure/index.ts";
import { FINDING_KIND_IDS, PROTOTYPE_KINDS, SPOTS, VERDICTS } from "../../core/fitting/index.ts";
import { WRAP_COUNTS } from "../../core/torso/index.ts";
import { WORKING_IDS } from "../../core/workings/index.ts";

const text = (maxLength = 4000) => Type.String({ maxLength });
const word = () => Type.String({ minLength: 1, maxLength: 200 });
const day = () => Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$", description: "ISO 8601 day" });
const ref = (of: string) => Type.Integer({ minimum: 1, description: `reference to ${of} of this file` });
const orNull = <Schema extends TSchema>(schema: Schema) => Type.Union([schema, Type.Null()]);
const zone = () => Type.Enum([...ZONES]);
const side = () => Type.Enum(["left", "right", "both"]);
const spot = () => Type.Enum(SPOTS.map(({ id }) => id));
const direction = () => Type.Enum(["along", "across", "bias"]);
const mm = () => Type.Number({ minimum: -1e5, maximum: 1e5 });
const above0 = () => Type.Number({ exclusiveMinimum: 0, maximum: 1e5 });
const closed = <Properties extends Record<string, TSchema>>(properties: Properties) =>
  Type.Object(properties, { additionalProperties: false });
/** What a newer version may say more of. */
const open = <Properties extends Record<string, TSchema>>(properties: Properties) => Type.Object(properties);
const list = <Schema extends TSchema>(schema: Schema, maxItems = 2000) => Type.Array(schema, { maxItems });

const identity = () => Type.Optional(Type.String({ pattern: "^[0-9a-f]{32}$", description: "the same in every file" }));

const test = open({
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

/** What a prototype was made from, in any of its formats; the present one is published beside this schema. */
const frozen = open({
  format: Type.Integer({ minimum: 1, maximum: 1000, description: "see frozenPlan.schema.json" }),
  styleId: word(),
  cloth: open({ id: ref("a cloth"), name: word() }),
  test: open({ id: ref("a test"), direction: direction(), testedOn: day() }),
  changes: list(open({ changeId: ref("a change") })),
});

/** Format of what stands beside it; left out by older files, which know the first only. */
const format = () => Type.Optional(Type.Integer({ minimum: 1, maximum: 1000 }));

const photo = closed({ type: Type.Enum(["image/jpeg", "image/png"]), bytes: Type.String({ maxLength: 21_000_000 }) });

const finding = closed({
  id: ref("this finding"),
  kind: Type.Enum([...FINDING_KIND_IDS]),
  spot: spot(),
  zone: zone(),
  side: side(),
  view: Type.Enum([...FIGURE_VIEWS]),
  x: Type.Number({ minimum: 0, maximum: 1 }),
  y: Type.Number({ minimum: 0, maximum: 1 }),
  amountMm: orNull(above0()),
  amountText: text(200),
  folded: Type.Boolean(),
  detail: Type.Record(Type.String({ maxLength: 40 }), Type.Union([text(200), mm()])),
  note: text(),
  photos: list(photo, 50),
});

const fitting = closed({
  id: ref("this fitting"),
  fittedOn: day(),
  on: Type.Enum(["wearer", "form"]),
  way: Type.Enum(["rightSideOut", "insideOut"]),
  over: text(200),
  notes: text(),
  checks: list(closed({ check: word(), outcome: Type.Enum(["pass", "fail", "notTried"]), note: text() }), 40),
  readings: list(
    closed({
      zone: zone(),
      kind: Type.Enum(["closure", "lift"]),
      side: side(),
      newtons: orNull(above0()),
      text: text(200),
      heightMm: orNull(above0()),
      elasticsN: orNull(above0()),
      liftMm: orNull(above0()),
      note: text(),
    }),
  ),
  findings: list(finding),
  photos: list(photo, 50),
});

const prototype = closed({
  number: Type.Integer({ minimum: 1, maximum: 1000 }),
  kind: Type.Enum(PROTOTYPE_KINDS.map(({ id }) => id)),
  startedOn: day(),
  closedOn: orNull(day()),
  frozen,
  sewn: list(
    closed({ zone: zone(), side: Type.Enum(["single", "left", "right"]), sewnMm: above0(), text: text(200) }),
    60,
  ),
  sewnLengths: Type.Optional(list(closed({ id: word(), sewnMm: above0(), text: text(200) }), 60)),
  annotations: list(closed({ writtenOn: day(), text: text() })),
  fittings: list(fitting, 200),
});

const change = closed({
  id: ref("this change"),
  findingId: orNull(ref("a finding")),
  decision: Type.Enum(["accepted", "altered", "waiting", "refused", "own"]),
  on: Type.Enum(["girth", "length", "edge", "line", "point", "elastic", "cup", "wire", "balance", "making"]),
  remedy: text(60),
  spot: spot(),
  zone: zone(),
  side: side(),
  lengthId: text(60),
  pieces: text(400),
  line: text(),
  blend: text(),
  parts: Type.Optional(
    list(
      closed({
        id: text(60),
        pieces: text(400),
        line: text(),
        lengthId: text(60),
        amountMm: mm(),
        readMm: orNull(mm()),
        strain: orNull(Type.Number({ exclusiveMinimum: -1, maximum: 50 })),
      }),
      12,
    ),
  ),
  strain: Type.Optional(orNull(Type.Number({ exclusiveMinimum: -1, maximum: 50 }))),
  share: orNull(Type.Number()),
  proposedMm: orNull(mm()),
  amountMm: orNull(mm()),
  seams: Type.Integer({ minimum: 1, maximum: 100 }),
  linked: list(closed({ piece: text(200), ticked: Type.Boolean() }), 200),
  untickedReason: text(),
  waitsFor: text(200),
  reason: text(),
  cutInto: orNull(Type.Integer({ minimum: 1 })),
  judgement: orNull(
    closed({
      fittingId: ref("a fitting"),
      residualMm: orNull(mm()),
      verdict: Type.Enum(VERDICTS.map(({ id }) => id)),
      note: text(),
    }),
  ),
});

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
