import { Type } from "typebox";
import { passOver } from "../ease/index.ts";
import { ok } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { lengthMm, stretch } from "./numbers.ts";

/** `passOver`: whether a ring goes over the part of the body it must pass. */
export const passOverKind = computeKind({
  kind: "passOver",
  input: Type.Object({ garment: lengthMm(), pass: lengthMm(), usable: stretch() }, { additionalProperties: false }),
  compute({ garment, pass, usable }) {
    const { needed, verdict, shortfallMm } = passOver(garment, pass, usable);
    return ok({ needed, verdict, shortfall: shortfallMm });
  },
});
