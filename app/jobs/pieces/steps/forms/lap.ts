import { group, orNull, smallLength, smallOrNone } from "../../../../../formats/form/index.ts";
import { edgeField, ofOnePiece, stepForm } from "../stepForm.ts";
import { FURTHEST_MM, isOwnDrawn, WIDEST_MM } from "./limits.ts";

/** A piece that would not lie to the body: what it laps by becomes a dart. */
export const lap = stepForm({
  id: "lap",
  title: "A lap becomes a dart",
  about:
    "A piece that would not lie flat: slit it at an edge and let it lap until it does. The seam that takes the dart is lengthened first, so that sewn it meets its neighbour as before.",
  does: "Draw the dart",
  fields: [
    { name: "lapEdge", as: "edge", label: "Slit at" },
    { name: "lapAt", as: "length", label: "Along it", hint: "From where the edge starts, clockwise round the piece." },
    { name: "lapWidth", as: "length", label: "Laps there by" },
    { name: "lapDepth", as: "length", label: "The lap ends so far in" },
    { name: "lapInto", as: "edge", label: "Sewn in, that or another edge" },
    { name: "lapIntoAt", as: "length", label: "Along that", hint: "Only where it is another edge." },
    { name: "lapStop", as: "length", label: "Point stops short by", hint: "12 mm small, 25 full or stiff." },
  ],
  schema: group({
    lapEdge: edgeField(),
    lapAt: smallLength(FURTHEST_MM),
    lapWidth: smallLength(WIDEST_MM),
    lapDepth: smallLength(WIDEST_MM),
    lapInto: edgeField(),
    lapIntoAt: orNull(smallOrNone(FURTHEST_MM)),
    lapStop: smallOrNone(WIDEST_MM),
  }),
  offers: isOwnDrawn,
  call({ lapEdge: { piece, edge }, lapInto, lapAt: at, lapWidth: width, lapDepth: depth, lapIntoAt: intoAt, lapStop }) {
    const other = ofOnePiece({ piece, edge }, lapInto, "lapInto");
    if (other) return other;
    const into = lapInto.edge;
    const params = { piece, edge, at, width, depth, into, stop: lapStop, ...(intoAt === null ? {} : { intoAt }) };
    return { ok: true, value: { operation: "overlap", params } };
  },
});
