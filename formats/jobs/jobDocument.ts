import { type TSchema, Type } from "typebox";
import { LONG_CODES } from "../../core/body/catalogue/codes.ts";
import type { Sheet } from "../../core/body/sheet.ts";
import type { Wearer } from "../../core/body/wearer.ts";
import { CLOTH_KINDS, type Cloth, type SwatchTest } from "../../core/cloth/cloth.ts";
import type { KeptLayup } from "../../core/cloth/layupRecord.ts";
import type { SizeChart } from "../../core/ease/grade/sizeChart.ts";
import { SCHOOL_IDS } from "../../core/ease/schools/index.ts";
import { isStyleId } from "../../core/ease/styles/index.ts";
import type { OwnStyle } from "../../core/ease/styles/ownStyle.ts";
import { ZONES } from "../../core/ease/zones.ts";
import { FIGURE_VIEWS } from "../../core/figure/geometry.ts";
import type { Change } from "../../core/fitting/change.ts";
import { FINDING_KIND_IDS } from "../../core/fitting/findings/findingKind.ts";
import type { Finding, Fitting, Judgement, Reading } from "../../core/fitting/fitting.ts";
import { VERDICTS } from "../../core/fitting/outcome.ts";
import { type Annotation, PROTOTYPE_KINDS, type Prototype } from "../../core/fitting/prototype.ts";
import { SPOTS } from "../../core/fitting/spots.ts";
import type { Job } from "../../core/job/job.ts";
import { fail, ok, type Result } from "../../core/result.ts";
import { WORKING_IDS, type WorkingId } from "../../core/workings/workings.ts";
import { validator } from "../validation.ts";

type Bare<T> = Omit<T, "id" | "version">;

/** A photo in a file. */
export interface PhotoEntry {
  readonly type: string;
  /** Bytes in base64. */
  readonly bytes: string;
}

/** A cloth with its tests; the ids are references within the file, from 1. */
export interface ClothEntry extends Omit<Cloth, "version"> {
  readonly tests: readonly SwatchTest[];
}

/** A finding; its change stands among the changes of the job. */
export interface FindingEntry extends Omit<Finding, "fittingId" | "version" | "photos" | "change" | "judgement"> {
  readonly photos: readonly PhotoEntry[];
}

/** A fitting with everything put down at it. */
export interface FittingEntry extends Omit<Fitting, "prototypeId" | "version" | "findings" | "readings"> {
  readonly findings: readonly FindingEntry[];
  readonly readings: readonly Omit<Reading, "id">[];
  readonly photos: readonly PhotoEntry[];
}

/** A prototype with its frozen plan and its fittings. */
export interface PrototypeEntry extends Omit<Prototype, "id" | "jobId" | "version" | "annotations"> {
  readonly annotations: readonly Omit<Annotation, "id">[];
  readonly fittings: readonly FittingEntry[];
}

/** A change with what it did. */
export interface ChangeEntry extends Omit<Change, "version"> {
  readonly judgement: Judgement | null;
}

/** A whole job in a file: everything it rests on and everything that was found. Lengths in mm. */
export interface JobDocument {
  readonly format: "stenz.job";
  readonly version: 1;
  readonly job: Omit<Bare<Job>, "wearerId" | "sheetId" | "layupId" | "chartId">;
  readonly ownStyle: Bare<OwnStyle> | null;
  readonly wearer: Bare<Wearer>;
  readonly sheet: Omit<Sheet, "id" | "wearerId"> | null;
  readonly cloths: readonly ClothEntry[];
  readonly layup: Bare<KeptLayup> | null;
  readonly chart: Bare<SizeChart> | null;
  readonly workings: readonly {
    readonly id: WorkingId;
    readonly working: object;
    readonly texts: Readonly<Record<string, string>>;
  }[];
  readonly prototypes: readonly PrototypeEntry[];
  readonly changes: readonly ChangeEntry[];
}

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

const test = open({
  id: ref("a test"),
  clothId: ref("a cloth"),
  direction: direction(),
  testedOn: day(),
  state: Type.Enum(["new", "wet", "washed", "worn"]),
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

const cloth = open({
  id: ref("this cloth"),
  name: word(),
  kind: Type.Enum([...CLOTH_KINDS]),
  notes: text(),
  tests: list(test),
});

const frozen = open({
  format: Type.Literal(1),
  styleId: word(),
  wearerName: text(200),
  sheet: open({ takenOn: day(), values: list(open({ code: word(), mm: mm() })) }),
  cloth: open({ id: ref("a cloth"), name: word() }),
  test: open({ id: ref("a test"), direction: direction(), testedOn: day() }),
  stretch: open({
    usable: Type.Number({ minimum: 0, maximum: 50 }),
    growth: orNull(Type.Number()),
    recovery: orNull(Type.Number()),
  }),
  school: word(),
  settings: open({}),
  rings: list(
    open({
      zone: zone(),
      side: Type.Enum(["single", "left", "right"]),
      bodyMm: above0(),
      plannedMm: above0(),
      changedMm: mm(),
      nowMm: above0(),
    }),
    60,
  ),
  changes: list(open({ changeId: ref("a change"), zone: zone(), side: side(), amountMm: orNull(mm()) })),
});

const photo = closed({ type: Type.Enum(["image/jpeg", "image/png"]), bytes: Type.String({ maxLength: 2_100_000 }) });

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

/** JSON file of a whole job; published as docs/formats/job.schema.json. */
export const jobSchema = Type.Object(
  {
    format: Type.Literal("stenz.job"),
    version: Type.Literal(1),
    job: closed({
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
      open({ name: word(), basedOn: word(), zones: list(zone(), 8), drops: open({}), limits: open({}) }),
    ),
    wearer: open({ name: word(), kind: Type.Enum(["person", "form"]), notes: text() }),
    sheet: orNull(
      open({
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
      }),
    ),
    cloths: list(cloth, 200),
    layup: orNull(
      open({
        name: word(),
        notes: text(),
        layers: list(open({ clothId: ref("a cloth"), direction: direction() }), 12),
      }),
    ),
    chart: orNull(open({ name: word(), notes: text(), sizes: list(open({ name: word() }), 100) })),
    workings: list(
      closed({ id: Type.Enum([...WORKING_IDS]), working: open({}), texts: Type.Record(Type.String(), text()) }),
      20,
    ),
    prototypes: list(prototype, 200),
    changes: list(change),
  },
  { additionalProperties: false, $id: "stenz.job", title: "A whole job with its fitting record" },
);

const validate = validator(jobSchema);

/** Reads a JSON file of a job. Refused whole at the first mistake, with where it is. */
export function readJobDocument(document: unknown): Result<JobDocument> {
  const valid = validate(document);
  if (!valid.ok) return fail("job-document-invalid", valid.problem.message);
  const job = document as JobDocument;
  return brokenReference(job) ?? ok(job);
}

/** How a file names the own style it brings. */
export const OWN_STYLE = "own-1";

/** The first reference of a file that leads nowhere. */
function brokenReference({ job, ownStyle, cloths, layup, prototypes, changes }: JobDocument) {
  const clothIds = new Set(cloths.map(({ id }) => id));
  const fittings = prototypes.flatMap((one) => one.fittings);
  const findings = new Set(fittings.flatMap((one) => one.findings.map(({ id }) => id)));
  const changeIds = new Set(changes.map(({ id }) => id));
  const wanted: readonly (readonly [string, number | null, ReadonlySet<number>])[] = [
    ["cloth", job.clothId, clothIds],
    ["cloth", job.edgeElasticId, clothIds],
    ...(layup?.layers ?? []).map(({ clothId }) => ["cloth", clothId, clothIds] as const),
    ...prototypes.map(({ frozen: { cloth: of } }) => ["cloth", of.id, clothIds] as const),
    ...prototypes.flatMap(({ frozen: { changes: of } }) =>
      of.map(({ changeId }) => ["change", changeId, changeIds] as const),
    ),
    ...changes.map(({ findingId }) => ["finding", findingId, findings] as const),
    ...changes.map(
      ({ judgement }) => ["fitting", judgement?.fittingId ?? null, new Set(fittings.map(({ id }) => id))] as const,
    ),
  ];
  const lost = wanted.find(([, id, there]) => id !== null && !there.has(id));
  if (lost) return fail("job-document-broken", `Expected ${lost[0]} ${lost[1]} in the file, but it is not there.`);
  const own = [job.styleId, ...prototypes.map(({ frozen: { styleId } }) => styleId)].filter((id) => !isStyleId(id));
  if (own.some((id) => id !== OWN_STYLE) || (own.length > 0 && !ownStyle)) {
    return fail(
      "job-document-broken",
      `Expected a style that ships with Stenz, or “${OWN_STYLE}” with the style in the file.`,
    );
  }
  const inOrder = prototypes.every(({ number }, index) => number === index + 1);
  return inOrder ? null : fail("job-document-broken", "Expected prototypes numbered from 1 without a gap.");
}
