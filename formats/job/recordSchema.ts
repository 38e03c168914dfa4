import { Type } from "typebox";
import { FIGURE_VIEWS } from "../../core/figure/index.ts";
import {
  changePartSchema,
  FINDING_KIND_IDS,
  PROTOTYPE_KINDS,
  tracedSchema,
  VERDICTS,
} from "../../core/fitting/index.ts";
import {
  above0,
  closed,
  day,
  direction,
  list,
  mm,
  open,
  orNull,
  ref,
  side,
  spot,
  text,
  word,
  zone,
} from "./schemaParts.ts";

/** What a prototype was made from, in any of its formats; the present one is published beside this schema. */
const frozen = open({
  format: Type.Integer({ minimum: 1, maximum: 1000, description: "see frozenPlan.schema.json" }),
  styleId: word(),
  cloth: open({ id: ref("a cloth"), name: word() }),
  test: open({ id: ref("a test"), direction: direction(), testedOn: day() }),
  changes: list(open({ changeId: ref("a change") })),
});

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

/** A prototype with its frozen plan and its fittings. */
export const prototype = closed({
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
  pieces: Type.Optional(
    list(
      closed({
        format: Type.Integer({ minimum: 1, maximum: 1000 }),
        pieces: open({ id: word(), from: word(), steps: list(open({ changeId: ref("a change") })) }),
      }),
      20,
    ),
  ),
  annotations: list(closed({ writtenOn: day(), text: text() })),
  fittings: list(fitting, 200),
});

/** A change with what it did. */
export const change = closed({
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
  parts: Type.Optional(list(changePartSchema(), 12)),
  traced: Type.Optional(tracedSchema()),
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
