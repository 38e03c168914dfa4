import { Type } from "typebox";
import { fail } from "../../../result.ts";
import { backward, type Edge, lengthOfEdges, straight, times, unit, way } from "../../geometry/index.ts";
import { edgeLength, type Piece } from "../../piece/index.ts";
import { operation } from "../operation.ts";
import { edgeIn, isOfBand, onBand, redrawn } from "./braPieces.ts";
import { displaced, fading } from "./displaced.ts";

/** `hookEnd`: the back end of a wing redrawn to the height of its hook tape, with a new curve above it. */
export const hookEnd = operation({
  id: "hookEnd",
  name: "Redraw the hook end",
  about:
    "Brings the back end of a wing to the height of its hook tape; its upper edge gets a new curve, to nothing so far along it.",
  params: Type.Object(
    { height: Type.Number({ minimum: 10, maximum: 150 }), blend: Type.Number({ minimum: 20, maximum: 400 }) },
    { additionalProperties: false },
  ),
  apply(draft, { height, blend }) {
    const wings = draft.pieces.filter((piece) => isOfBand(draft, piece) && edgeIn(piece, "end"));
    if (wings.length === 0)
      return fail("no-hook-end", "Expected a wing that ends at a hook tape, but none of these pieces has an end.");
    return onBand(draft, (piece) => (wings.includes(piece) ? withEnd(piece, height, blend) : piece));
  },
});

/** The upper end is moved along the end; the lower one stays. */
function withEnd(piece: Piece, height: number, blend: number): Piece {
  const [end, top] = [edgeIn(piece, "end"), edgeIn(piece, "armhole")];
  const line = end?.edge.lines[0];
  if (!end || !top || !line) return piece;
  const last = end.edge.lines.at(-1)?.to ?? line.to;
  const up = unit(way(last, line.from));
  if (!up) return piece;
  const by = times(up, height - edgeLength(end.edge));
  const away = backward(top.edge.lines);
  const over = Math.min(blend, lengthOfEdges(away));
  const risen = displaced(away, (mm) => times(by, fading(mm / over)), { fromMm: 0, toMm: over });
  const drawn = new Map<number, readonly Edge[]>([
    [top.at, backward(risen)],
    [end.at, [straight({ x: line.from.x + by.x, y: line.from.y + by.y }, last)]],
  ]);
  return redrawn(piece, drawn);
}
