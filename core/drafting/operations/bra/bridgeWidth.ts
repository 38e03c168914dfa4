import { Type } from "typebox";
import { fail } from "../../../result.ts";
import { type Edge, placesOf, point, shifted, straight } from "../../geometry/index.ts";
import type { Piece } from "../../piece/index.ts";
import { operation } from "../operation.ts";
import { amount } from "../params.ts";
import { withEnd } from "../withEdge.ts";
import { edgeIn, isOfBand, onBand } from "./braPieces.ts";
import { isWing, longerWing } from "./wing.ts";

/** At least so much of the bridge is left between centre and channel, mm. */
const LEAST_MM = 1;

/** `bridgeWidth`: the cups set further apart, or nearer; the wings take it, so that the girth stays. */
export const bridgeWidth = operation({
  id: "bridgeWidth",
  name: "Widen or narrow the bridge",
  about:
    "Sets the cups further apart (above 0) or nearer, half on either side of the centre; the wings give it, so that the planned girth stays.",
  params: Type.Object({ amount: amount() }, { additionalProperties: false }),
  apply(draft, { amount: amountMm }) {
    const half = amountMm / 2;
    const front = draft.pieces.find((piece) => isOfBand(draft, piece) && isFront(piece));
    const inner = front && Math.min(...(edgeIn(front, "wire")?.edge.lines.flatMap(placesOf) ?? []).map(({ x }) => x));
    if (inner !== undefined && inner + half < LEAST_MM)
      return fail(
        "bridge-too-narrow",
        `Expected the bridge to keep at least ${2 * LEAST_MM} mm between the cups, but it is ${(2 * inner).toFixed(1)} mm wide and narrowed by ${(-amountMm).toFixed(1)} mm.`,
      );
    return onBand(draft, (piece) => {
      if (isFront(piece)) return widened(piece, half);
      return isWing(piece) ? longerWing(piece, -half) : piece;
    });
  },
});

/** The piece on the centre front. */
const isFront = (piece: Piece): boolean => edgeIn(piece, "centreFront") !== null;

/** All of a piece moved outward but its centre: what meets it is filled in straight. */
function widened(piece: Piece, by: number): Piece {
  const shift = { x: by, y: 0 };
  const edges = piece.edges.map((edge, at) => {
    if (edge.finish === "fold") return edge;
    const lines = edge.lines.map((line) => shifted(line, shift));
    const [before, after] = [piece.edges.at(at - 1), piece.edges[(at + 1) % piece.edges.length]];
    return { ...edge, lines: fromCentre(lines, by, before?.finish === "fold", after?.finish === "fold") };
  });
  const out = ({ x, y }: { x: number; y: number }) => point(x + by, y);
  return {
    ...piece,
    edges,
    levels: piece.levels.map((line) => ({ ...line, to: out(line.to) })),
    ...(piece.points ? { points: piece.points.map((one) => ({ ...one, at: out(one.at) })) } : {}),
  };
}

/** Lines that begin or end at the centre again. Narrower, the nearest line is drawn in as much. */
function fromCentre(lines: readonly Edge[], by: number, starts: boolean, ends: boolean): Edge[] {
  const [first, last] = [lines[0], lines.at(-1)];
  if (by >= 0) {
    return [
      ...(starts && first ? [straight(point(first.from.x - by, first.from.y), first.from)] : []),
      ...lines,
      ...(ends && last ? [straight(last.to, point(last.to.x - by, last.to.y))] : []),
    ];
  }
  // Its end and the handle there go back to the centre: the edge meets the fold as square as before.
  const back = { by: point(-by, 0), turn: 0 };
  const begun = starts ? withEnd(lines, "start", back) : [...lines];
  return ends ? withEnd(begun, "end", back) : begun;
}
