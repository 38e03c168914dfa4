import { Type } from "typebox";
import { type KeptType, keptType } from "./keptType.ts";

/** A half-filled form: what stands in each of its fields, as typed. */
export const keptDraft: KeptType<Readonly<Record<string, string>>> = keptType({
  what: "a half-filled form",
  schema: Type.Record(Type.String(), Type.String()),
});
