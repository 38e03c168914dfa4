import type { Wearer } from "../../core/body/wearer.ts";
import { formValidator } from "../../formats/validation.ts";
import { choice, formOf, line, notes } from "./fields.server.ts";
import type { Fields } from "./unsaved.ts";

const validate = formValidator(
  formOf({ name: line("a name"), kind: choice("person or form", ["person", "form"]), notes: notes() }),
);

/** Reads the form of a wearer. */
export function readWearer(fields: Fields) {
  const valid = validate(fields);
  if (!valid.ok) return valid;
  const { name, kind, notes: words = "" } = valid.value;
  return { ok: true as const, value: { name, kind: kind as Wearer["kind"], notes: words } };
}
