import { Type } from "typebox";
import { CLOTH_KINDS } from "./clothKind.ts";

const ratio = () => Type.Number({ minimum: 0, maximum: 1 });

/** The settings of the swatch bench as they are kept and read back. Units and meanings as in `ClothSettings`. */
export const clothSettingsSchema = Type.Object(
  {
    referenceNPerM: Type.Object(
      Object.fromEntries(CLOTH_KINDS.map((kind) => [kind, Type.Number({ exclusiveMinimum: 0, maximum: 10_000 })])),
      { additionalProperties: false },
    ),
    wearFactor: ratio(),
    leastRecovery: Type.Object({ after60s: ratio(), after30min: ratio() }, { additionalProperties: false }),
  },
  { additionalProperties: false },
);
