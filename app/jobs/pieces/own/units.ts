import type { DrawnUnit } from "../../../../formats/drafts/readDrawn.ts";

/** Units a maker may name for a file that does not say its own. */
export const UNITS = [
  { value: "mm", label: "millimetres" },
  { value: "cm", label: "centimetres" },
  { value: "in", label: "inches" },
  { value: "pt", label: "points" },
] as const satisfies readonly { readonly value: DrawnUnit; readonly label: string }[];

/** The same, and a mark that was drawn beside the pieces: what it says goes before what the file says. */
export const SCALES = [...UNITS, { value: "mark", label: "scale of a drawn mark, 100 mm" }] as const;
