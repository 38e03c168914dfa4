import { type TSchema, Type } from "typebox";
import { LONG_CODES, SHEET_PROPERTIES } from "../../body/index.ts";
import { CLOTH_KINDS, DIRECTIONS } from "../../cloth/index.ts";
import {
  easeSettingsSchema,
  openingsSchema,
  pressuresSchema,
  SCHOOL_IDS,
  styleSchema,
  ZONES,
  zoneChoicesSchema,
} from "../../ease/index.ts";
import { CHANGE_TARGETS, changePartSchema, FROZEN_FORMAT, SPOTS } from "../../fitting/index.ts";
import { closed, isoDay, list, orNull, word } from "../../schemaParts.ts";

const text = (maxLength = 4000) => Type.String({ maxLength });
const day = () => isoDay("ISO 8601 day");
/** Ids of the data file, references of a job's file; those of things since erased are negative. */
const id = () => Type.Integer();
const mm = () => Type.Number({ minimum: -1e5, maximum: 1e5 });
const above0 = () => Type.Number({ exclusiveMinimum: 0, maximum: 1e5 });
const ratio = () => Type.Number({ minimum: 0, maximum: 50 });
/** Records that have a life of their own beside a plan: what they may also say is kept as it was. */
const open = <Properties extends Record<string, TSchema>>(properties: Properties) => Type.Object(properties);

const zone = () => Type.Enum([...ZONES]);
const side = () => Type.Enum(["left", "right", "both"]);
const direction = () => Type.Enum([...DIRECTIONS]);
const sheetSide = () => Type.Enum(["single", "left", "right"]);

const curve = closed({
  cubic: closed({
    points: list(Type.Tuple([Type.Number(), Type.Number()]), 5000),
    slopes: list(Type.Number(), 5000),
  }),
  pooledBy: Type.Number(),
  testedTo: Type.Optional(Type.Number()),
});

/**
 * What a prototype freezes, in its present format; published as docs/formats/frozenPlan.schema.json. Units and meanings
 * as in `FrozenPlan`. Workings are checked one by one, each by the schema of its calculation.
 */
export const frozenSchema = Type.Object(
  {
    format: Type.Literal(FROZEN_FORMAT),
    styleId: word(),
    wearerName: text(200),
    sheet: open({
      id: id(),
      wearerId: id(),
      ...SHEET_PROPERTIES,
    }),
    cloth: open({ id: id(), name: word(), kind: Type.Enum([...CLOTH_KINDS]), composition: text() }),
    test: open({ id: id(), direction: direction(), testedOn: day() }),
    stretch: open({
      usable: ratio(),
      growth: orNull(Type.Number()),
      recovery: orNull(Type.Number()),
      willBag: Type.Boolean(),
      wear: orNull(curve),
      stiffness: orNull(above0()),
    }),
    school: Type.Enum([...SCHOOL_IDS]),
    settings: easeSettingsSchema,
    style: styleSchema,
    layers: list(
      closed({
        clothId: id(),
        name: word(),
        direction: direction(),
        testId: id(),
        testedOn: day(),
        usable: ratio(),
      }),
      12,
    ),
    ofParts: Type.Optional(
      list(
        closed({
          ...{ clothId: id(), name: word(), direction: direction(), role: Type.Enum(["cups", "frame"]) },
          ...{ testId: orNull(id()), testedOn: orNull(day()), usable: orNull(ratio()) },
        }),
        12,
      ),
    ),
    choice: closed({ zones: zoneChoicesSchema, pressuresKpa: pressuresSchema }),
    openings: openingsSchema,
    lengths: list(
      closed({
        id: word(),
        name: word(),
        bodyMm: above0(),
        cutMm: mm(),
        codes: list(Type.Enum([...LONG_CODES]), LONG_CODES.length),
        changedMm: mm(),
        nowMm: mm(),
      }),
      60,
    ),
    workings: Type.Record(Type.String({ maxLength: 40 }), Type.Object({})),
    watch: list(text(), 60),
    rings: list(
      closed({
        zone: zone(),
        side: sheetSide(),
        bodyMm: above0(),
        plannedMm: above0(),
        stillMm: Type.Optional(above0()),
        changedMm: mm(),
        nowMm: above0(),
      }),
      60,
    ),
    changes: list(
      closed({
        changeId: id(),
        on: Type.Enum([...CHANGE_TARGETS]),
        zone: zone(),
        side: side(),
        spot: Type.Enum(SPOTS.map((spot) => spot.id)),
        amountMm: orNull(mm()),
        lengthId: text(60),
        pieces: text(400),
        line: text(),
        blend: text(),
        seams: orNull(Type.Integer({ minimum: 1, maximum: 100 })),
        parts: list(changePartSchema(), 12),
        why: text(400),
      }),
      2000,
    ),
  },
  { additionalProperties: false, $id: "stenz.frozenPlan", title: "What a prototype was made from" },
);
