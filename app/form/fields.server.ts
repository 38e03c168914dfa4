import { data } from "react-router";
import { type TSchema, Type } from "typebox";
import { type Fields, textsOf } from "./unsaved.ts";

const FORM_TYPES = /^(?:application\/x-www-form-urlencoded|multipart\/form-data)\b/i;

/** Reads a posted form; what is no form, or breaks off, is refused as such and not as a fault of the server. */
export async function readForm(request: Request): Promise<FormData> {
  if (!FORM_TYPES.test(request.headers.get("Content-Type") ?? "")) {
    throw data({ message: "Expected a form, but something else was sent." }, { status: 415 });
  }
  try {
    return await request.formData();
  } catch {
    throw data({ message: "Expected a whole form, but it breaks off or cannot be read." }, { status: 400 });
  }
}

/** Reads the text fields of a post; the last of equal names counts. */
export const readFields = async (request: Request): Promise<Fields> => textsOf(await readForm(request));

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
