import { Type } from "typebox";
import { ok } from "../result.ts";
import { parseLength } from "../units/index.ts";
import { computeKind } from "./computeKind.ts";

/** `parse`: a typed length to millimetres, or `{error: true}` with the reason for what is no length. */
export const parseKind = computeKind({
  kind: "parse",
  input: Type.Object(
    { text: Type.String({ maxLength: 1000 }), unit: Type.Union([Type.Literal("cm"), Type.Literal("in")]) },
    { additionalProperties: false },
  ),
  compute({ text, unit }) {
    const parsed = parseLength(text, unit);
    return ok(parsed.ok ? { mm: parsed.value } : { error: true, ...parsed.problem });
  },
});
