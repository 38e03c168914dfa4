import { DIRECTIONS } from "../../../core/cloth/index.ts";
import { LIKED_LENGTHS, type LikedGarment, ZONES } from "../../../core/ease/index.ts";
import type { Repositories } from "../../../data/store.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import {
  choice,
  day,
  each,
  type FormRead,
  group,
  length,
  line,
  type Messages,
  notes,
  optionalLine,
  orElse,
  orNull,
  percent,
  unless,
} from "../../../formats/form/index.ts";
import { noSuchCloth, pickedCloth } from "../../cloths/findCloth.server.ts";
import type { Fields } from "../../form/unsaved.ts";
import { widthField } from "./likedFields.ts";

/** Longest length of a garment, mm. */
const LONGEST_MM = 3000;

const sewnLength = () => length({ mostMm: LONGEST_MM });

/** The lengths of a garment, or of a pattern held against it; an empty one was not measured. */
const lengths = each(LIKED_LENGTHS, sewnLength);

/** Reads the lengths of a pattern held against a garment. */
export const readLikedLengths = formReader(group({ length: lengths }));

const readTyped = formReader(
  group({
    name: line("a name for the garment"),
    measuredOn: day("the day it was measured"),
    cloth: optionalLine("a cloth"),
    direction: orElse(choice("a direction", DIRECTIONS), "across"),
    usable: orNull(percent({ what: "a stretch in per cent", least: 1, most: 300 })),
    width: each(ZONES, sewnLength),
    length: lengths,
    notes: notes(),
  }),
);

/** Reads the form of a garment that fits; at least one width must be there. */
export async function readLiked(
  fields: Fields,
  { cloths, today }: Pick<Repositories, "cloths"> & { today: string },
): Promise<FormRead<Omit<LikedGarment, "id" | "wearerId" | "version">>> {
  const read = readTyped(fields, { today });
  if (!read.ok) return read;
  const { cloth, width: widthsMm, length: lengthsMm, ...value } = read.value;
  const clothId = await pickedCloth(cloth, cloths);
  const errors: Messages = {};
  if (cloth !== "" && clothId === null) errors.cloth = noSuchCloth(cloth);
  if (Object.keys(widthsMm).length === 0)
    errors[widthField("waist")] = "Expected at least one width, but there is none.";
  return unless(errors, () => ({ ...value, clothId, widthsMm, lengthsMm }));
}
