import { type Static, type TSchema, Type } from "typebox";
import { type Fields, textsOf } from "./unsaved.ts";

/** Reads the text fields of a post; the last of equal names counts. */
export const readFields = async (request: Request): Promise<Fields> => textsOf(await request.formData());

/** A one-line text that must be given. `title` completes "Expected …". */
export const line = (title: string) => Type.String({ title, minLength: 1, maxLength: 120 });

/** A one-line text that may stay empty. */
export const optionalLine = (title: string) => Type.Optional(Type.String({ title, maxLength: 120 }));

/** Notes of any length a person would write. */
export const notes = () => Type.Optional(Type.String({ title: "notes", maxLength: 4000 }));

/** One of a few words. */
export const choice = <const Words extends readonly string[]>(title: string, words: Words) =>
  Type.Enum([...words] as unknown as [Words[number], ...Words[number][]], { title: `${title} (${words.join(", ")})` });

/** Version of the row the edit started from. */
export const version = () => Type.String({ title: "the version of the record", pattern: "^[0-9]{1,9}$" });

/** A form's schema: unknown fields (such as `intent`) are not looked at. */
export const formOf = <Properties extends Record<string, TSchema>>(properties: Properties) => Type.Object(properties);

/** The type of a checked form. */
export type FormOf<Schema extends TSchema> = Static<Schema>;
