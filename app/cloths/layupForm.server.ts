import { DIRECTIONS, type KeptLayer, type KeptLayup, LAYER_ROLES } from "../../core/cloth/index.ts";
import type { Repositories } from "../../data/store.ts";
import { type FieldErrors, formValidator } from "../../formats/validation.ts";
import { formOf, line, notes } from "../form/fields.server.ts";
import type { Fields } from "../form/unsaved.ts";
import { findCloth } from "./findCloth.server.ts";
import { layerFields, MOST_LAYERS } from "./layupFields.ts";

const validate = formValidator(formOf({ name: line("a name"), notes: notes() }));

type ReadLayup = { ok: true; value: Omit<KeptLayup, "id" | "version"> } | { ok: false; errors: FieldErrors };

/** Reads the form of a layup; a layer whose cloth is empty is left out, at least two must be there. */
export async function readLayup(fields: Fields, { cloths }: Pick<Repositories, "cloths">): Promise<ReadLayup> {
  const valid = validate(fields);
  const errors: Record<string, string> = valid.ok ? {} : { ...valid.errors };
  const layers: KeptLayer[] = [];
  for (let layer = 1; layer <= MOST_LAYERS; layer += 1) {
    const names = layerFields(layer);
    const text = (fields[names.cloth] ?? "").trim();
    if (text === "") continue;
    const clothId = await findCloth(text, cloths);
    const direction = DIRECTIONS.find((known) => known === fields[names.direction]);
    const role = LAYER_ROLES.find((known) => known === fields[names.role]);
    if (clothId === null)
      errors[names.cloth] = `Expected the name of a cloth on the shelf, but got “${text.slice(0, 60)}”.`;
    else if (direction && role) layers.push({ clothId, direction, role });
    else errors[names.cloth] = "Expected a direction and a role for this layer.";
  }
  if (layers.length < 2 && Object.keys(errors).length === 0) {
    errors[layerFields(layers.length + 1).cloth] =
      `Expected at least two layers, but there ${layers.length === 1 ? "is one" : "are none"}.`;
  }
  if (!valid.ok || Object.keys(errors).length > 0) return { ok: false, errors };
  return { ok: true, value: { name: valid.value.name, notes: valid.value.notes ?? "", layers } };
}
