import { type TSchema, Type } from "typebox";
import { isoDay } from "../schemaParts.ts";
import { LONG_CODES } from "./catalogue/codes.ts";
import { ANSWER_WORDS } from "./checks/answer.ts";
import { WORN_UNDER } from "./sheet.ts";
import { MOST_TAKES } from "./sheetValues.ts";

const text = (maxLength = 4000) => Type.String({ maxLength });
const code = () => Type.Enum([...LONG_CODES]);
const side = () => Type.Enum(["single", "left", "right"]);
const tape = () => Type.Enum(["snug", "finger"]);
const mm = () => Type.Number({ exclusiveMinimum: 0, maximum: 1e5 });
const most = 2 * LONG_CODES.length;

/**
 * What a sheet says, as files and frozen plans hold it; whose it is stands beside it. Units and meanings as in `Sheet`.
 * Other keys than these are let in and kept as they are.
 */
export const SHEET_PROPERTIES = {
  takenOn: isoDay("ISO 8601 day"),
  unit: Type.Enum(["cm", "in"]),
  tape: tape(),
  measuredBy: text(400),
  selfMeasured: Type.Optional(Type.Boolean()),
  wornUnder: Type.Optional(Type.Enum(WORN_UNDER.map(({ id }) => id))),
  consent: Type.Optional(text()),
  notes: text(),
  values: Type.Array(
    Type.Object({
      code: code(),
      side: side(),
      text: text(400),
      mm: mm(),
      takes: Type.Optional(Type.Array(Type.Object({ text: text(400), mm: mm() }), { maxItems: MOST_TAKES })),
      tape: Type.Optional(tape()),
    }),
    { maxItems: most },
  ),
  notTaken: Type.Optional(Type.Array(Type.Object({ code: code(), side: side(), reason: text() }), { maxItems: most })),
  answers: Type.Optional(
    Type.Array(
      Type.Object({ ruleId: text(60), code: code(), side: side(), word: Type.Enum(Object.keys(ANSWER_WORDS)) }),
      { maxItems: 2000 },
    ),
  ),
} as const satisfies Record<string, TSchema>;
