import { Type } from "typebox";
import type { Upcast } from "../../core/upcast.ts";
import { type KeptType, keptType } from "./keptType.ts";

/** A name as drafts of format 1 had it, and as it is now: rows were counted in the name, fields of one place not below it. */
const RENAMED: readonly (readonly [RegExp, (...found: string[]) => string])[] = [
  [/^size\.(\d+)$/, (_, row) => `sizes[${row}].name`],
  [/^(body|finished)\.(\w+)\.(\d+)$/, (_, kind, zone, row) => `sizes[${row}].${kind}.${zone}`],
  [/^step\.(\d+)\.(\w+)$/, (_, row, field) => `ladder.steps[${Number(row) - 1}].${field}`],
  [/^layer\.(\d+)\.(\w+)$/, (_, row, field) => `layers[${Number(row) - 1}].${field}`],
  [/^edge\.(\d+)\.(\w+)$/, (_, row, field) => `edges[${Number(row) - 1}].${field}`],
  [/^table\.(\d+)\.(\w+)$/, (_, row, field) => `table[${row}].${field}`],
  [/^amount\.(\w+)$/, (_, part) => `part.${part}`],
  [/^(\w+)\.(single|left|right)$/, (_, code, side) => `measure.${code}.${side}.take1`],
  [/^(\w+)\.(single|left|right)\.([23])$/, (_, code, side, take) => `measure.${code}.${side}.take${take}`],
  [/^(\w+)\.(single|left|right)\.(tape|not)$/, (_, code, side, field) => `measure.${code}.${side}.${field}`],
  [
    /^answer:([\w.]+):(\w+):(\w+)$/,
    (_, rule = "", code, side) => `answer.${rule.replaceAll(".", "/")}:${code}:${side}`,
  ],
  [
    /^(overbust|bust|underbust|waist|highHip|hip|leg|arm)(:left|:right)?$/,
    (_, zone, side) => `ring.${zone}${side ?? ""}`,
  ],
];

const nameNow = (name: string): string => {
  const [pattern, now] = RENAMED.find(([one]) => one.test(name)) ?? [];
  return pattern && now ? name.replace(pattern, now) : name;
};

const rowsBecomeLists: Upcast = (older) =>
  Object.fromEntries(Object.entries(older).map(([name, text]) => [nameNow(name), text]));

/** A half-filled form: what stands in each of its fields, as typed. */
export const keptDraft: KeptType<Readonly<Record<string, string>>> = keptType({
  what: "a half-filled form",
  schema: Type.Record(Type.String(), Type.String()),
  upcasts: [rowsBecomeLists],
});
