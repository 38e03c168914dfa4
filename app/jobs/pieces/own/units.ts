import type { DrawnUnit } from "../../../../formats/drafts/readDrawn.ts";

/** Units a maker may name for a file that does not say its own. */
export const UNITS = [
  { value: "mm", label: "millimetres" },
  { value: "cm", label: "centimetres" },
  { value: "in", label: "inches" },
  { value: "pt", label: "points" },
] as const satisfies readonly { readonly value: DrawnUnit; readonly label: string }[];
