import { Type } from "typebox";
import { learnShare } from "../fitting/index.ts";
import { ok } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { lengthMm } from "./numbers.ts";

/** `learnShare`: the share that a workshop's own outcomes suggest; all amounts as worn. */
export const learnShareKind = computeKind({
  kind: "learnShare",
  input: Type.Object(
    {
      outcomes: Type.Array(
        Type.Object(
          { pinch: lengthMm(), taken: lengthMm(), residual: Type.Number({ minimum: -1e6, maximum: 1e6 }) },
          { additionalProperties: false },
        ),
        { maxItems: 10_000 },
      ),
    },
    { additionalProperties: false },
  ),
  compute: ({ outcomes }) =>
    ok({
      ...learnShare(
        outcomes.map(({ pinch, taken, residual }) => ({ amountMm: pinch, doneMm: taken, residualMm: residual })),
      ),
    }),
});
