import { Type } from "typebox";
import { OPENINGS } from "./pullOn.ts";
import { SCHOOL_IDS } from "./schools/index.ts";
import { ZONES } from "./zones.ts";

const byZone = <Value extends Parameters<typeof Type.Optional>[0]>(value: () => Value) =>
  Type.Object(Object.fromEntries(ZONES.map((zone) => [zone, Type.Optional(value())])), {
    additionalProperties: false,
  });

/** What was chosen zone by zone: a school, or a girth of the maker's own, mm. */
export const zoneChoicesSchema = byZone(() =>
  Type.Union([
    Type.Object({ by: Type.Enum([...SCHOOL_IDS]) }, { additionalProperties: false }),
    Type.Object(
      { by: Type.Literal("own"), garmentMm: Type.Number({ exclusiveMinimum: 0, maximum: 1e5 }) },
      { additionalProperties: false },
    ),
  ]),
);

/** Mean pressures chosen for the pressure school, kPa. */
export const pressuresSchema = byZone(() => Type.Number({ minimum: 0, maximum: 100 }));

/** Rings that are given an opening. */
export const openingsSchema = byZone(() => Type.Enum([...OPENINGS]));
