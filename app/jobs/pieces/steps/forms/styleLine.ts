import { group, signedLength, smallOrNone } from "../../../../../formats/form/index.ts";
import { edgeField, stepForm } from "../stepForm.ts";
import { FURTHEST_MM, MOST_MOVED_MM } from "./limits.ts";

/** A style line moved on the flat: what a piece gains there its neighbour gives. */
export const styleLine = stepForm({
  id: "styleLine",
  title: "A style line moved",
  about:
    "The seam between two pieces moved on the flat: what the piece named gains its neighbour gives, full between two places, run out to nothing beyond them. Girths stay.",
  does: "Move it",
  fields: [
    { name: "lineEdge", as: "edge", sewn: true, label: "Seam" },
    { name: "lineBy", as: "length", label: "Moved outward by", hint: "− takes the piece in, and its neighbour grows." },
    { name: "lineFrom", as: "length", label: "Full from" },
    { name: "lineTo", as: "length", label: "Full to" },
    { name: "lineBlend", as: "length", label: "Run out over" },
  ],
  schema: group({
    lineEdge: edgeField(),
    lineBy: signedLength(MOST_MOVED_MM),
    lineFrom: smallOrNone(FURTHEST_MM),
    lineTo: smallOrNone(FURTHEST_MM),
    lineBlend: smallOrNone(FURTHEST_MM),
  }),
  offers: ({ pieces }) => pieces.some(({ edges }) => edges.some(({ seam }) => seam !== null)),
  call: ({ lineEdge, lineBy: amount, lineFrom: fullFrom, lineTo: fullTo, lineBlend }) => ({
    ok: true,
    value: {
      operation: "moveSeam",
      params: { ...lineEdge, amount, fullFrom, fullTo, blendBefore: lineBlend, blendAfter: lineBlend },
    },
  }),
});
