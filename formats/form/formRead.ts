import type { Messages } from "./readTree.ts";

/** A form that was read: its value, or messages for its fields. */
export type FormRead<Value> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly errors: Readonly<Record<string, string>> };

/** A form with one thing wrong, told beside its field. */
export const wrong = (field: string, message: string): { ok: false; errors: Messages } => ({
  ok: false,
  errors: { [field]: message },
});

/** A form that was read, unless there are messages for it all the same: what a rule over several fields says. */
export const unless = <Value>(errors: Readonly<Partial<Messages>>, value: () => Value): FormRead<Value> =>
  Object.keys(errors).length > 0 ? { ok: false, errors: errors as Messages } : { ok: true, value: value() };
