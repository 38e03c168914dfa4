import { Type } from "typebox";
import type { Dart } from "../piece/index.ts";
import { operation } from "./operation.ts";
import { along, gap, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { withDartBeside } from "./placedDart.ts";

/** `dart`: a gap pinched out of one edge and turned into another seam; the pieces keep it, and every later change is made with it sewn. */
export const dart = operation({
  id: "dart",
  name: "Turn a gap into a dart",
  about:
    "Closes a pinch at an edge by turning the piece about a drill point (the apex), opens the same angle in another seam as a dart that stops short of the point, and trues the edge that gaped.",
  params: Type.Object(
    {
      piece: name(),
      edge: name(),
      at: along(),
      width: gap(),
      point: name(),
      into: name(),
      intoAt: along(),
      stop: gap(),
    },
    { additionalProperties: false },
  ),
  apply(draft, { piece: id, edge, at, width, point, into, intoAt, stop }) {
    const added: Dart = {
      ...{ id: `${into}.dart`, edge, atMm: at, widthMm: width },
      ...{ point, into, intoMm: intoAt, stopMm: stop },
    };
    return changedAlike(draft, id, (piece) => withDartBeside(piece, piece.darts ?? [], added));
  },
});
