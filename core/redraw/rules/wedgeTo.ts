import {
  call,
  crossings,
  type Draft,
  edgeLength,
  lengthOfEdge,
  moved,
  type Piece,
  type PieceEdge,
  square,
  standingAlong,
  straight,
} from "../../drafting/index.ts";
import type { Landing } from "../landing.ts";
import { type Drawn, instead, together } from "./rule.ts";
import { solvedBy } from "./solved.ts";

/** A wedge to whichever edge lies opposite. mm */
export interface Opposite {
  readonly edge: string;
  /** Edges it may run to, by their names. */
  readonly into: RegExp;
  readonly byMm: number;
  /** Where it ends, in words. */
  readonly to: string;
}

/** A wedge in the middle of an edge of each of some pieces, to nothing at what lies straight across. */
export const wedgeTo = (draft: Draft, pieces: readonly Piece[], { edge: id, into, byMm, to }: Opposite): Drawn =>
  together(
    pieces.map((piece) => {
      const edge = piece.edges.find((one) => one.id === id);
      const hinge = edge && oppositeOf(piece, edge, into);
      const byHand = `By hand: a wedge at the ${id} of the ${piece.name.toLowerCase()} has no seam to run to. Shorten its elastic, or take volume out of the cup.`;
      if (!edge || !hinge) return instead(byHand);
      const landing: Landing = {
        ...{ piece: piece.id, measure: "edge", of: id, byMm },
        cut: {
          line: `${id}, a wedge in its middle, to ${to}`,
          doing: byMm < 0 ? "takeIn" : "letOut",
          edges: piece.count,
        },
      };
      const at = edgeLength(edge) / 2;
      return solvedBy({
        ...{ draft, landing, byHand },
        callOf: (amount) =>
          call("wedge", { piece: piece.id, edge: id, at, into: hinge.edge, intoAt: hinge.at, amount }),
      });
    }),
  );

/** So far across a piece is looked, and from both ends of what lies there it keeps so far, mm. */
const [FAR_MM, FROM_END_MM] = [2000, 18] as const;

/** What lies straight across from the middle of an edge, and where on it; null where that is a fold, or nothing that was named. */
function oppositeOf(piece: Piece, edge: PieceEdge, into: RegExp): { edge: string; at: number } | null {
  const middle = standingAlong(edge.lines, edgeLength(edge) / 2);
  if (!middle) return null;
  const ray = straight(middle.at, moved(middle.at, square(middle.along), FAR_MM));
  const met = piece.edges
    .filter((one) => one !== edge)
    .flatMap((one) => {
      let gone = 0;
      return one.lines.flatMap((line) => {
        const start = gone;
        gone += lengthOfEdge(line);
        return crossings(ray, line).map(({ onFirst, onSecond }) => ({
          one,
          far: onFirst,
          at: start + lengthOfEdge(line, 0, onSecond),
        }));
      });
    })
    .toSorted((a, b) => a.far - b.far)[0];
  if (!met || met.one.finish === "fold" || !into.test(met.one.id)) return null;
  const whole = edgeLength(met.one);
  return whole < 2 * FROM_END_MM
    ? null
    : { edge: met.one.id, at: Math.min(whole - FROM_END_MM, Math.max(FROM_END_MM, met.at)) };
}
