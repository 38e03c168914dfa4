import type { Wearer } from "../../core/body/index.ts";
import { formValidator } from "../../formats/validation.ts";
import { choice, formOf, line, notes, optionalLine } from "../form/fields.server.ts";
import type { Fields } from "../form/unsaved.ts";

const validate = formValidator(
  formOf({
    name: line("a name"),
    kind: choice("person or form", ["person", "form"]),
    allergies: optionalLine("allergies"),
    notes: notes(),
  }),
);

/** Reads the form of a wearer. */
export function readWearer(fields: Fields) {
  const valid = validate(fields);
  if (!valid.ok) return valid;
  const { name, kind, allergies = "", notes: words = "" } = valid.value;
  const value = {
    name,
    kind: kind as Wearer["kind"],
    child: kind === "person" && fields.child === "yes",
    allergies,
    notes: words,
  };
  return { ok: true as const, value };
}
