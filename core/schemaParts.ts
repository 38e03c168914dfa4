import { type TSchema, Type } from "typebox";

/** An object that lets nothing else in. */
export const closed = <Properties extends Record<string, TSchema>>(properties: Properties) =>
  Type.Object(properties, { additionalProperties: false });

/** A list of at most so many. */
export const list = <Schema extends TSchema>(schema: Schema, maxItems: number) => Type.Array(schema, { maxItems });

/** Something that may be null. */
export const orNull = <Schema extends TSchema>(schema: Schema) => Type.Union([schema, Type.Null()]);

/** A short text that is not empty: a name, an id. */
export const word = () => Type.String({ minLength: 1, maxLength: 200 });
