import { type TSchema, Type } from "typebox";
import { draftSchema } from "../drafting/index.ts";
import { DOINGS, tracedSchema } from "../fitting/index.ts";
import { PIECES_IDS } from "../pieces/index.ts";
import { closed, list, word } from "../schemaParts.ts";
import { MEASURE_IDS } from "./landing.ts";

const many = <Schema extends TSchema>(schema: Schema) => list(schema, 2000);
const mm = () => Type.Number({ minimum: -1e5, maximum: 1e5 });

const report = closed({
  operation: word(),
  edges: many(closed({ piece: word(), edge: word(), beforeMm: mm(), afterMm: mm() })),
  girths: many(closed({ level: word(), beforeMm: mm(), afterMm: mm() })),
});

const landed = closed({
  ...{
    piece: word(),
    measure: Type.Enum([...MEASURE_IDS]),
    of: word(),
    atPart: Type.Optional(Type.Number({ minimum: 0, maximum: 1 })),
    byMm: mm(),
  },
  cameMm: Type.Union([mm(), Type.Null()]),
  cut: Type.Optional(
    closed({
      line: Type.String({ maxLength: 400 }),
      doing: Type.Enum([...DOINGS]),
      edges: Type.Optional(Type.Integer({ minimum: 1, maximum: 1000 })),
    }),
  ),
});

/** Pieces of a prototype as they are kept: units and meanings as in `PrototypePieces`. */
export const piecesSchema = closed({
  id: Type.Enum([...PIECES_IDS]),
  from: Type.Enum(["plan", "before"]),
  draft: draftSchema,
  steps: many(
    closed({
      changeId: Type.Integer(),
      calls: many(
        closed({
          operation: word(),
          params: Type.Record(word(), Type.Union([Type.Number(), word(), tracedSchema().properties.points])),
          onSide: Type.Optional(Type.Enum(["left", "right"])),
        }),
      ),
      reports: many(report),
      lands: Type.Optional(many(landed)),
      instead: Type.String({ maxLength: 2000 }),
    }),
  ),
});
