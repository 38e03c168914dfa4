import { Type } from "typebox";
import { offsetAt } from "../drafting/index.ts";
import { fail, ok } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { alongMm, amountMm } from "./numbers.ts";

/** `blend`: by how much an edge is moved at places along it, between two marks and to nothing beyond. */
export const blendKind = computeKind({
  kind: "blend",
  input: Type.Object(
    {
      amount: amountMm(),
      fullFrom: alongMm(),
      fullTo: alongMm(),
      blendBefore: alongMm(),
      blendAfter: alongMm(),
      at: Type.Array(alongMm(), { maxItems: 1000 }),
    },
    { additionalProperties: false },
  ),
  compute({ amount, fullFrom, fullTo, blendBefore, blendAfter, at }) {
    if (fullTo < fullFrom)
      return fail("marks-crossed", `Expected the second mark at ${fullFrom} mm or after, but it is at ${fullTo} mm.`);
    const blend = {
      amountMm: amount,
      fullFromMm: fullFrom,
      fullToMm: fullTo,
      beforeMm: blendBefore,
      afterMm: blendAfter,
    };
    return ok({ offsets: at.map((mm) => offsetAt(blend, mm)) });
  },
});
