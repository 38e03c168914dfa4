import type { Wearer } from "../../core/body/index.ts";
import { formReader } from "../../formats/form/formReader.ts";
import { choice, type FormRead, group, line, notes, optionalLine, tick } from "../../formats/form/index.ts";
import type { Fields } from "../form/unsaved.ts";

const readTyped = formReader(
  group({
    name: line("a name"),
    kind: choice("person or form", ["person", "form"]),
    child: tick(),
    allergies: optionalLine("allergies"),
    notes: notes(),
  }),
);

/** Reads the form of a wearer; a dress form is no child. */
export function readWearer(fields: Fields): FormRead<Omit<Wearer, "id" | "version">> {
  const read = readTyped(fields);
  if (!read.ok) return read;
  const { kind, child } = read.value;
  return { ok: true, value: { ...read.value, child: kind === "person" && child } };
}
