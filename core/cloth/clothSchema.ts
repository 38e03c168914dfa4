import { type TSchema, Type } from "typebox";
import { ELASTIC_KINDS, SWATCH_STATES } from "./cloth.ts";
import { CLOTH_KINDS } from "./clothKind.ts";
import { DIRECTIONS } from "./direction.ts";

const text = (maxLength = 4000) => Type.String({ maxLength });
const above0 = () => Type.Number({ exclusiveMinimum: 0, maximum: 1e5 });
const orNull = <Schema extends TSchema>(schema: Schema) => Type.Union([schema, Type.Null()]);
const direction = () => Type.Enum([...DIRECTIONS]);

/** What a cloth is, as files hold it; its reference stands beside it. Units and meanings as in `Cloth`. */
export const CLOTH_PROPERTIES = {
  name: Type.String({ minLength: 1, maxLength: 200 }),
  kind: Type.Enum([...CLOTH_KINDS]),
  composition: text(),
  rollWidthMm: orNull(above0()),
  massGPerM2: orNull(above0()),
  thicknessMm: orNull(above0()),
  shrinkageAlong: orNull(Type.Number({ minimum: 0, maximum: 1 })),
  shrinkageAcross: orNull(Type.Number({ minimum: 0, maximum: 1 })),
  supplier: text(),
  elasticKind: orNull(Type.Enum([...ELASTIC_KINDS])),
  finishAllowanceMm: orNull(Type.Number({ minimum: 0, maximum: 1e4 })),
  notes: text(),
} as const satisfies Record<string, TSchema>;

/** What a test of a swatch read; units and meanings as in `SwatchTest`. */
export const TEST_PROPERTIES = {
  direction: direction(),
  testedOn: Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$", description: "ISO 8601 day" }),
  state: Type.Enum(SWATCH_STATES.map(({ id }) => id)),
  washes: orNull(Type.Integer({ minimum: 0, maximum: 10_000 })),
  look: orNull(Type.Enum(["narrow", "wide"])),
  note: text(),
  struck: Type.Optional(orNull(text(400))),
  directionWas: Type.Optional(orNull(direction())),
  hand: orNull(Type.Object({ gaugeMm: above0(), stretchedMm: above0(), afterMm: orNull(above0()) })),
  ladder: orNull(
    Type.Object({
      form: Type.Enum(["strip", "loop"]),
      widthMm: above0(),
      gaugeMm: above0(),
      steps: Type.Array(
        Type.Object({
          forceN: Type.Number({ minimum: 0 }),
          lengthMm: above0(),
          phase: Type.Enum(["load", "unload"]),
          cycle: Type.Integer({ minimum: 1, maximum: 3 }),
        }),
        { maxItems: 2000 },
      ),
      afterMm: orNull(above0()),
      after30MinMm: orNull(above0()),
      neckIn: orNull(Type.Object({ restMm: above0(), stretchedMm: above0(), atLengthMm: above0() })),
    }),
  ),
} as const satisfies Record<string, TSchema>;
