import { Type } from "typebox";
import { lengthCut, SHIPPED_EASE_SETTINGS } from "../ease/index.ts";
import { ok } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { lengthMm, part, wornStrain } from "./numbers.ts";

/** `length`: a length to cut, with what stretch takes off and draw-in adds. */
export const lengthKind = computeKind({
  kind: "length",
  input: Type.Object(
    {
      segments: Type.Array(
        Type.Object({ body: lengthMm(), girthStrain: wornStrain() }, { additionalProperties: false }),
        { minItems: 1, maxItems: 200 },
      ),
      lengthStrain: wornStrain(),
      contraction: part(),
      freedom: Type.Optional(part()),
    },
    { additionalProperties: false },
  ),
  compute({ segments, lengthStrain, contraction, freedom = SHIPPED_EASE_SETTINGS.drawInFreedom }) {
    const { cutMm, forStretchMm, forDrawInMm } = lengthCut(
      segments.map(({ body, girthStrain }) => ({ bodyMm: body, girthStrain })),
      { lengthStrain, contraction, freedom },
    );
    return ok({ cut: cutMm, forStretch: forStretchMm, forDrawIn: forDrawInMm });
  },
});
