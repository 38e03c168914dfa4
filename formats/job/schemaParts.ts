import { type TSchema, Type } from "typebox";
import { ZONES } from "../../core/ease/index.ts";
import { SPOTS } from "../../core/fitting/index.ts";
import { isoDay } from "../../core/schemaParts.ts";

/** Pieces the schemas of files are put together from; amounts in mm. */
export const text = (maxLength = 4000) => Type.String({ maxLength });
export const word = () => Type.String({ minLength: 1, maxLength: 200 });
export const day = () => isoDay("ISO 8601 day");
export const ref = (of: string) => Type.Integer({ minimum: 1, description: `reference to ${of} of this file` });
export const orNull = <Schema extends TSchema>(schema: Schema) => Type.Union([schema, Type.Null()]);
export const zone = () => Type.Enum([...ZONES]);
export const side = () => Type.Enum(["left", "right", "both"]);
export const spot = () => Type.Enum(SPOTS.map(({ id }) => id));
export const direction = () => Type.Enum(["along", "across", "bias"]);
export const mm = () => Type.Number({ minimum: -1e5, maximum: 1e5 });
export const above0 = () => Type.Number({ exclusiveMinimum: 0, maximum: 1e5 });
export const closed = <Properties extends Record<string, TSchema>>(properties: Properties) =>
  Type.Object(properties, { additionalProperties: false });
/** What a newer version may say more of. */
export const open = <Properties extends Record<string, TSchema>>(properties: Properties) => Type.Object(properties);
export const list = <Schema extends TSchema>(schema: Schema, maxItems = 2000) => Type.Array(schema, { maxItems });

export const identity = () =>
  Type.Optional(Type.String({ pattern: "^[0-9a-f]{32}$", description: "the same in every file" }));
