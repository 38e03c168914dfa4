import { DIRECTIONS, goesRound, type KeptLayer, type KeptLayup, LAYER_ROLES } from "../../core/cloth/index.ts";
import type { Repositories } from "../../data/store.ts";
import { formReader } from "../../formats/form/formReader.ts";
import { choice, type FormRead, group, line, listOf, type Messages, notes, unless } from "../../formats/form/index.ts";
import type { Fields } from "../form/unsaved.ts";
import { findCloth, noSuchCloth } from "./findCloth.server.ts";
import { MOST_LAYERS } from "./layupFields.ts";

const readTyped = formReader(
  group({
    name: line("a name"),
    notes: notes(),
    layers: listOf(
      group({
        cloth: line("the name of a cloth on the shelf"),
        direction: choice("a direction for this layer", DIRECTIONS),
        role: choice("a role for this layer", LAYER_ROLES),
      }),
      { rowBy: ["cloth"], least: 2, most: MOST_LAYERS, title: "layer" },
    ),
  }),
);

/** Reads the form of a layup; a layer whose cloth is empty is left out, at least two must be there. */
export async function readLayup(
  fields: Fields,
  { cloths }: Pick<Repositories, "cloths">,
): Promise<FormRead<Omit<KeptLayup, "id" | "version">>> {
  const read = readTyped(fields);
  if (!read.ok) return read;
  const layers: KeptLayer[] = [];
  const errors: Messages = {};
  for (const [row, { cloth, ...layer }] of read.value.layers.entries()) {
    const clothId = await findCloth(cloth, cloths);
    if (clothId === null) errors[read.nameOf(`/layers/${row}/cloth`)] = noSuchCloth(cloth);
    else layers.push({ clothId, ...layer });
  }
  if (!read.value.layers.some(goesRound))
    errors[read.nameOf("/layers/0/cloth")] ??=
      "Expected at least one layer that goes round the body, such as the shell of the wings, but all are of cups, or of bridge and cradle.";
  return unless(errors, () => ({ name: read.value.name, notes: read.value.notes, layers }));
}
