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

/** A month with its days, and the 29 February of years that have one. */
const DAYS = [
  "\\d{4}-(?:0[13578]|1[02])-(?:0[1-9]|[12]\\d|3[01])",
  "\\d{4}-(?:0[469]|11)-(?:0[1-9]|[12]\\d|30)",
  "\\d{4}-02-(?:0[1-9]|1\\d|2[0-8])",
  "(?:\\d{2}(?:0[48]|[2468][048]|[13579][26])|(?:[02468][048]|[13579][26])00)-02-29",
];

/** A day of the calendar, ISO 8601: one that there is. */
export const isoDay = (description?: string) =>
  Type.String({ pattern: `^(?:${DAYS.join("|")})$`, ...(description === undefined ? {} : { description }) });
