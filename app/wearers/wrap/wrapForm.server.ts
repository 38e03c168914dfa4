import { type BodyWrap, WRAP_COUNTS } from "../../../core/torso/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import {
  choice,
  day,
  type FormRead,
  group,
  length,
  line,
  listOf,
  notes,
  optionalLine,
  orElse,
  tick,
} from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { MOST_EDGES } from "./wrapFields.ts";

const LONGEST_MM = 3000;

/** Longest name of a piece, and most letters of a seam. */
const LONGEST_PIECE = 60;
const SEAM_LETTERS = 4;

const readTyped = formReader(
  group({
    name: line("a name for the wrap"),
    takenOn: day("the day it was taken"),
    notes: notes(),
    edges: listOf(
      group({
        piece: line("the name of the piece", LONGEST_PIECE),
        length: length({ mostMm: LONGEST_MM }),
        counts: orElse(
          choice(
            "what it counts to",
            WRAP_COUNTS.map(({ id }) => id),
          ),
          "none",
        ),
        twice: tick(),
        seam: optionalLine("a letter or two, such as A", SEAM_LETTERS),
      }),
      { rowBy: ["piece", "length"], least: 1, most: MOST_EDGES, title: "edge" },
    ),
  }),
);

/** Reads the form of a body wrap; rows without a length and a piece are left out. */
export function readWrap(fields: Fields, today: string): FormRead<Omit<BodyWrap, "id" | "wearerId" | "version">> {
  const read = readTyped(fields, { today });
  if (!read.ok) return read;
  const edges = read.value.edges.map(({ length: lengthMm, seam, ...edge }) => ({
    ...edge,
    lengthMm,
    seam: seam.toUpperCase(),
  }));
  return { ok: true, value: { ...read.value, edges } };
}
