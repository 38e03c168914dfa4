import { Type } from "typebox";
import { FINISHES, finishOf, GUSSET_STEP_MM, gussetLength, SHIPPED_FINISH_SETTINGS } from "../edges/index.ts";
import { fail, ok } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { alongMm, lengthMm } from "./numbers.ts";

/** `allowance`: what a finish adds at its edge, and how wide a band of its own is cut. */
export const allowanceKind = computeKind({
  kind: "allowance",
  input: Type.Object(
    {
      finish: Type.Enum(FINISHES.map(({ id }) => id)),
      width: Type.Optional(lengthMm()),
      decorative: Type.Optional(alongMm()),
      seam: Type.Optional(alongMm()),
      asked: Type.Optional(alongMm()),
    },
    { additionalProperties: false },
  ),
  compute({ finish: id, width, decorative, seam, asked }) {
    const finish = finishOf(id);
    if (!finish) return fail("unknown-finish", `Expected a finish, but got “${id}”.`);
    const given = {
      ...(width === undefined ? {} : { widthMm: width }),
      ...(decorative === undefined ? {} : { decorativeMm: decorative }),
      ...(seam === undefined ? {} : { seamMm: seam }),
      ...(asked === undefined ? {} : { askedMm: asked }),
    };
    const adds = finish.adds(given, SHIPPED_FINISH_SETTINGS);
    if (!adds.ok) return adds;
    const { allowanceMm, bandCutMm } = adds.value;
    return ok({ allowance: allowanceMm, ...(bandCutMm === null ? {} : { bandCut: bandCutMm }) });
  },
});

/** `gusset`: how long a gusset is between the drafted front and back. */
export const gussetKind = computeKind({
  kind: "gusset",
  input: Type.Object(
    { front: lengthMm(), back: lengthMm(), step: Type.Optional(lengthMm()) },
    { additionalProperties: false },
  ),
  compute: ({ front, back, step = GUSSET_STEP_MM }) => ok({ length: gussetLength(front, back, step) }),
});
