import { data, type RouterContextProvider } from "react-router";
import type { Store } from "../../../data/store.ts";
import { type FormRead, parseId } from "../../../formats/form/index.ts";
import type { FieldErrors } from "../../../formats/validation.ts";
import type { ConflictRow, Fields, Unsaved } from "../../form/unsaved.ts";
import { storeContext } from "./context.ts";

/** The open data file. */
export const storeOf = (context: Readonly<RouterContextProvider>): Store => context.get(storeContext);

/** Ends a loader or action with a 404 page that says what was looked for. */
export function notFound(what: string): never {
  throw data({ what }, { status: 404 });
}

/** The id of a record, out of an address or behind a button; anything else is a page that does not exist. */
export function idFrom(text: string | undefined, what: string): number {
  const id = parseId(text ?? "", what);
  return id.ok ? id.value : notFound(what);
}

/** Gives a found thing back, or ends with a 404. */
export function found<T>(thing: T | null | undefined, what: string): T {
  return thing ?? notFound(what);
}

/** Answers a form that cannot be saved, 409 where somebody else was quicker: messages beside the fields, what was typed kept. */
export const invalid = (fields: Fields, errors: FieldErrors, status: 400 | 409 = 400) =>
  data<Unsaved>({ fields, errors }, { status });

/** Answers an edit that met a newer one: both are shown, nothing is overwritten. */
export const conflict = (fields: Fields, version: number, rows: readonly ConflictRow[]) =>
  data<Unsaved>({ fields, errors: {}, theirs: { version, rows } }, { status: 409 });

/**
 * The value of a form that has nothing to type in, only buttons of ours: what they never send ends with a 400 page that
 * says what was expected.
 */
export function asSent<T>(read: FormRead<T>): T {
  if (read.ok) return read.value;
  throw data({ message: Object.values(read.errors).join(" ") }, { status: 400 });
}

/** Today as an ISO date in the machine's time zone. */
export function today(): string {
  const now = new Date();
  const two = (value: number) => String(value).padStart(2, "0");
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
