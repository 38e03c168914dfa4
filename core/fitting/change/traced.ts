import { type Static, Type } from "typebox";

/** A curve traced on the body and laid over an edge of a piece, as records, data files and job files hold it. mm */
export const tracedSchema = () =>
  Type.Object(
    {
      /** Whose pieces: the name of the calculation that drew them. */
      of: Type.String({ maxLength: 60 }),
      piece: Type.String({ maxLength: 200 }),
      edge: Type.String({ maxLength: 200 }),
      /** Read off a straight line between the ends of the curve, from the start of the edge: how far along it, and how far off it, above 0 inward. */
      points: Type.Array(
        Type.Object(
          {
            along: Type.Number({ minimum: 0, maximum: 3000 }),
            off: Type.Number({ minimum: -1000, maximum: 1000 }),
          },
          { additionalProperties: false },
        ),
        { minItems: 3, maxItems: 100 },
      ),
      /** How much of the way to the curve the edge is brought. */
      share: Type.Number({ exclusiveMinimum: 0, maximum: 1 }),
    },
    { additionalProperties: false },
  );

/** A curve traced on the body; see {@link tracedSchema}. */
export type TracedCurve = Static<ReturnType<typeof tracedSchema>>;

/** Which remedy a change is that lays a traced curve over an edge. */
export const TRACED_REMEDY = "trace";
