import { type TObject, Type } from "typebox";
import { isoDay } from "../schemaParts.ts";
import { type FieldsOf, LONGEST_TEXT, type UnfieldedValue, type WorkingCell, type WorkingField } from "./field.ts";

/**
 * The schema of a kept working, from its fields: numbers may be null, choices are among theirs, nothing else is let in.
 * Limits of single fields are not repeated: what was kept under other limits stays readable.
 */
export const workingSchema = <Working extends object>(
  fields: FieldsOf<Working>,
  unfielded: Readonly<Record<string, UnfieldedValue>> = {},
): TObject =>
  Type.Object(
    {
      ...Object.fromEntries(
        Object.entries<WorkingField | undefined>(fields).flatMap(([name, field]) =>
          field ? [[name, schemaOf(field)] as const] : [],
        ),
      ),
      ...Object.fromEntries(
        Object.entries(unfielded).map(([name, value]) => [name, value === "amounts" ? AMOUNTS : value]),
      ),
    },
    { additionalProperties: false },
  );

const DAY = Type.Union([isoDay("ISO 8601 day"), Type.Null()]);

const AMOUNTS = Type.Record(Type.String({ maxLength: LONGEST_TEXT }), Type.Number());

function schemaOf(field: WorkingField) {
  switch (field.as) {
    case "check":
      return Type.Boolean();
    case "text":
      return Type.String({ maxLength: LONGEST_TEXT });
    case "day":
      return DAY;
    case "choice":
      return Type.Enum(field.choices.map(({ value }) => value));
    case "rows":
      return Type.Array(
        Type.Object(Object.fromEntries(Object.entries(field.cells).map(([name, cell]) => [name, schemaOfCell(cell)])), {
          additionalProperties: false,
        }),
        { maxItems: field.most },
      );
    case "pick":
      return Type.Union([Type.Integer({ minimum: 1 }), Type.Null()]);
    default:
      return Type.Union([Type.Number(), Type.Null()]);
  }
}

function schemaOfCell(cell: WorkingCell) {
  switch (cell.as) {
    case "check":
      return Type.Boolean();
    case "text":
    case "unseen":
      return Type.String({ maxLength: cell.most });
    case "day":
      return DAY;
    case "choice":
      return Type.Enum(cell.choices.map(({ value }) => value));
    default:
      return Type.Union([Type.Number(), Type.Null()]);
  }
}
