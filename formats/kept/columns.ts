import { type TSchema, Type } from "typebox";
import {
  CHART_MEASURES,
  type ChartSize,
  type EaseChoice,
  LIKED_LENGTHS,
  type LikedGarment,
  openingsSchema,
  pressuresSchema,
  ZONES,
  zoneChoicesSchema,
} from "../../core/ease/index.ts";
import {
  type ChangePart,
  changePartSchema,
  type Finding,
  type LinkedLine,
  type TracedCurve,
  tracedSchema,
} from "../../core/fitting/index.ts";
import type { Job, SignOff } from "../../core/job/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";
import { WRAP_COUNTS, type WrapEdge } from "../../core/torso/index.ts";
import { validator } from "../validation.ts";

/** Small lists and tables that a row keeps in a JSON column. Their form belongs to the row: a migration brings it up. */
export type ReadColumn<T> = (content: unknown) => Result<T>;

function column<T>(what: string, schema: TSchema): ReadColumn<T> {
  const validate = validator(schema);
  return (content) => {
    const read = validate(content);
    // The schema says what the type says; the demo and the tests of the data layer read every column back.
    return read.ok ? ok(read.value as T) : fail("kept-unreadable", `In ${what}: ${read.problem.message}`);
  };
}

const closed = <Properties extends Record<string, TSchema>>(properties: Properties) =>
  Type.Object(properties, { additionalProperties: false });
const some = (names: readonly string[], value: () => TSchema) =>
  closed(Object.fromEntries(names.map((name) => [name, Type.Optional(value())])));

/** What was typed into the fields of a form, by field. */
export const readTexts = column<Readonly<Record<string, string>>>(
  "the fields as typed",
  Type.Record(Type.String(), Type.String()),
);

export const readNames = column<readonly string[]>("a list of names", Type.Array(Type.String()));
export const readZoneChoices = column<EaseChoice["zones"]>("the choices by zone", zoneChoicesSchema);
export const readPressures = column<EaseChoice["pressuresKpa"]>("the pressures by zone", pressuresSchema);
export const readOpenings = column<Job["openings"]>("the openings by zone", openingsSchema);

const lengthsMm = some(LIKED_LENGTHS, Type.Number);
export const readPatternLengths = column<Job["patternLengthsMm"]>("the lengths of the pattern", lengthsMm);
export const readLikedLengths = column<LikedGarment["lengthsMm"]>("the lengths of a garment", lengthsMm);
export const readLikedWidths = column<LikedGarment["widthsMm"]>("the widths of a garment", some(ZONES, Type.Number));

export const readSignOff = column<SignOff>("the sign-off", closed({ on: Type.String(), words: Type.String() }));

export const readChartSizes = column<readonly ChartSize[]>(
  "the sizes of a chart",
  Type.Array(
    closed({
      name: Type.String(),
      body: some(CHART_MEASURES, Type.Number),
      finished: some(CHART_MEASURES, Type.Number),
    }),
  ),
);

export const readWrapEdges = column<readonly WrapEdge[]>(
  "the edges of a body wrap",
  Type.Array(
    closed({
      piece: Type.String(),
      lengthMm: Type.Number({ exclusiveMinimum: 0 }),
      counts: Type.Enum(WRAP_COUNTS.map(({ id }) => id)),
      twice: Type.Boolean(),
      seam: Type.String(),
    }),
  ),
);

export const readDetail = column<Finding["detail"]>(
  "the details of a finding",
  Type.Record(Type.String(), Type.Union([Type.String(), Type.Number()])),
);

export const readParts = column<readonly ChangePart[]>("the parts of a change", Type.Array(changePartSchema()));

export const readTraced = column<TracedCurve>("the traced curve of a change", tracedSchema());

export const readLinked = column<readonly LinkedLine[]>(
  "the linked pieces of a change",
  Type.Array(closed({ piece: Type.String(), ticked: Type.Boolean() })),
);
