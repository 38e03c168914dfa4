import { type TSchema, Type } from "typebox";
import { draftSchema } from "../drafting/index.ts";
import { PIECES_IDS } from "../pieces/index.ts";

const closed = <Properties extends Record<string, TSchema>>(properties: Properties) =>
  Type.Object(properties, { additionalProperties: false });
const list = <Schema extends TSchema>(schema: Schema) => Type.Array(schema, { maxItems: 2000 });
const word = () => Type.String({ minLength: 1, maxLength: 200 });
const mm = () => Type.Number({ minimum: -1e5, maximum: 1e5 });

const report = closed({
  operation: word(),
  edges: list(closed({ piece: word(), edge: word(), beforeMm: mm(), afterMm: mm() })),
  girths: list(closed({ level: word(), beforeMm: mm(), afterMm: mm() })),
});

/** Pieces of a prototype as they are kept: units and meanings as in `PrototypePieces`. */
export const piecesSchema = closed({
  id: Type.Enum([...PIECES_IDS]),
  from: Type.Enum(["plan", "before"]),
  draft: draftSchema,
  steps: list(
    closed({
      changeId: Type.Integer(),
      calls: list(closed({ operation: word(), params: Type.Record(word(), Type.Union([Type.Number(), word()])) })),
      reports: list(report),
      instead: Type.String({ maxLength: 2000 }),
    }),
  ),
});
