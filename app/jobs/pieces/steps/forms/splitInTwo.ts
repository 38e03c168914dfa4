import { group, signedLength, smallOrNone } from "../../../../../formats/form/index.ts";
import { edgeField, ofOnePiece, stepForm } from "../stepForm.ts";
import { FURTHEST_MM, isOwnDrawn, MOST_BOW_MM, WIDEST_ALLOWANCE_MM } from "./limits.ts";

/** A piece cut in two: a cup of a wrap, which in one piece stays flat. */
export const splitInTwo = stepForm({
  id: "splitInTwo",
  title: "A piece split in two",
  about:
    "A cup of a wrap is rounder in two pieces: cut it from one edge to another, and bow the new seam out on both halves where they are to be fuller. Seams that were cut through count both halves.",
  does: "Split it",
  fields: [
    { name: "splitFrom", as: "edge", label: "From" },
    { name: "splitFromAt", as: "length", label: "Along it", hint: "From where the edge starts, clockwise." },
    { name: "splitTo", as: "edge", label: "To" },
    { name: "splitToAt", as: "length", label: "Along that" },
    { name: "splitBow", as: "length", label: "Bowed out by", hint: "0 for a straight seam; − hollows both halves." },
    { name: "splitAllowance", as: "length", label: "Allowance of the new seam" },
  ],
  schema: group({
    splitFrom: edgeField(),
    splitFromAt: smallOrNone(FURTHEST_MM),
    splitTo: edgeField(),
    splitToAt: smallOrNone(FURTHEST_MM),
    splitBow: signedLength(MOST_BOW_MM),
    splitAllowance: smallOrNone(WIDEST_ALLOWANCE_MM),
  }),
  offers: isOwnDrawn,
  call({ splitFrom, splitFromAt: at, splitTo, splitToAt: toAt, splitBow: bow, splitAllowance: allowance }) {
    const other = ofOnePiece(splitFrom, splitTo, "splitTo");
    if (other) return other;
    return {
      ok: true,
      value: { operation: "split", params: { ...splitFrom, at, to: splitTo.edge, toAt, bow, allowance } },
    };
  },
});
