import { Type } from "typebox";
import { FAMILIES } from "./settings.ts";
import { ZONES } from "./zones.ts";

const share = () => Type.Number({ minimum: 0, maximum: 1 });

/** The settings of the ease plan as they are kept and read back. Units and meanings as in `EaseSettings`. */
export const easeSettingsSchema = Type.Object(
  {
    fingerAllowanceMm: Type.Number({ minimum: 0, maximum: 50 }),
    fixedCutMm: Type.Object(
      Object.fromEntries(
        ZONES.map((zone) => [
          zone,
          Type.Object(
            {
              stretchy: Type.Number({ minimum: -100, maximum: 100 }),
              stable: Type.Number({ minimum: -100, maximum: 100 }),
            },
            { additionalProperties: false },
          ),
        ]),
      ),
      { additionalProperties: false },
    ),
    percentTable: Type.Array(
      Type.Tuple([Type.Number({ minimum: 0, maximum: 5 }), Type.Number({ minimum: 0, maximum: 0.6 })]),
      { minItems: 1, maxItems: 20 },
    ),
    shares: Type.Object(
      Object.fromEntries(
        FAMILIES.map((family) => [
          family,
          Type.Object(Object.fromEntries(ZONES.map((zone) => [zone, Type.Optional(share())])), {
            additionalProperties: false,
          }),
        ]),
      ),
      { additionalProperties: false },
    ),
    pressureTargetsKpa: Type.Object(
      Object.fromEntries(
        FAMILIES.map((family) => [
          family,
          Type.Object(
            Object.fromEntries(ZONES.map((zone) => [zone, Type.Optional(Type.Number({ minimum: 0, maximum: 4 }))])),
            { additionalProperties: false },
          ),
        ]),
      ),
      { additionalProperties: false },
    ),
    lengthShares: Type.Object(Object.fromEntries(FAMILIES.map((family) => [family, share()])), {
      additionalProperties: false,
    }),
    lengthPartOfReduction: share(),
    drawInFreedom: share(),
    sizeStep: Type.Integer({ minimum: 0, maximum: 10 }),
    bustOverChartMm: Type.Number({ minimum: 0, maximum: 200 }),
    leaveLengthUnderMm: Type.Number({ minimum: 0, maximum: 100 }),
    draftedDifferenceMm: Type.Number({ minimum: 0, maximum: 300 }),
    cupStrain: Type.Number({ minimum: 0, maximum: 0.5 }),
    strapStrain: Type.Number({ minimum: 0, maximum: 1 }),
  },
  { additionalProperties: false },
);
