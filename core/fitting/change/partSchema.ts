import { Type } from "typebox";

const mm = () => Type.Number({ minimum: -1e5, maximum: 1e5 });

/** One of several amounts of a change, as records, frozen plans and files hold it. Meanings as in `ChangePart`. */
export const changePartSchema = () =>
  Type.Object(
    {
      id: Type.String({ maxLength: 60 }),
      pieces: Type.String({ maxLength: 400 }),
      line: Type.String({ maxLength: 4000 }),
      lengthId: Type.String({ maxLength: 60 }),
      amountMm: mm(),
      readMm: Type.Union([mm(), Type.Null()]),
      strain: Type.Union([Type.Number({ exclusiveMinimum: -1, maximum: 50 }), Type.Null()]),
    },
    { additionalProperties: false },
  );
