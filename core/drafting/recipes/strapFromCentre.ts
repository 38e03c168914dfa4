import { term } from "../../explain/index.ts";
import type { DraftNumber } from "../draft.ts";
import { lengthNumber } from "./drawn.ts";

/** Of half the bust line, where straps sit from the centre: a fifth. */
const PART = 5;

/** Where the middle of a strap lies from the centre, by the planned bust, mm. */
export function strapFromCentre(bustMm: number): { readonly mm: number; readonly number: DraftNumber } {
  const mm = bustMm / 2 / PART;
  const number = lengthNumber("strap.fromCentre", "Strap from the centre", {
    formula: `s = G / 2 / ${PART}`,
    terms: [term("garment", "length")("G", "planned girth, bust", bustMm, "ease plan")],
    value: mm,
    notes: ["A fifth of half the bust line; to the middle of the strap."],
  });
  return { mm, number };
}
