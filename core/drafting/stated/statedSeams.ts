import type { Draft } from "../draft.ts";
import type { StatedEdge } from "./statedEdge.ts";
import { statedLength, statedOf } from "./statedLengths.ts";

/** One side of a seam: edges of one piece after one another, mm. */
export interface SeamSide {
  readonly piece: string;
  readonly edges: readonly string[];
  readonly lengthMm: number;
  readonly easeMm: number;
}

/** A seam named by letters, with its two sides; null sides where there are not two. */
export interface StatedSeam {
  readonly letters: string;
  readonly sides: readonly [SeamSide, SeamSide] | null;
  /** How many pieces, or edges of one piece, carry the letters. */
  readonly count: number;
}

/** Every seam that stated edges are sewn in, by its letters: of several edges of one piece the sum is one side. */
export function statedSeams(draft: Draft): StatedSeam[] {
  const stated = statedOf(draft);
  const letters = [...new Set(stated.map(({ seam }) => seam).filter((seam) => seam !== ""))].toSorted();
  return letters.map((seam) => {
    const own = stated.filter((edge) => edge.seam === seam);
    const wholeOf = ({ piece, partOf = piece }: StatedEdge) => partOf;
    const pieces = [...new Set(own.map(wholeOf))];
    // Both edges may lie on one piece, as those of a dart: then each is a side.
    const groups =
      pieces.length === 1 ? own.map((edge) => [edge]) : pieces.map((id) => own.filter((edge) => wholeOf(edge) === id));
    const sides = groups.map(
      (edges): SeamSide => ({
        piece: edges[0]?.piece ?? "",
        edges: edges.map(({ edge }) => edge),
        lengthMm: edges.reduce((sum, edge) => sum + statedLength(draft, edge), 0),
        easeMm: edges.reduce((sum, { easeMm }) => sum + easeMm, 0),
      }),
    );
    const [first, second, ...more] = sides;
    return {
      letters: seam,
      sides: first && second && more.length === 0 ? [first, second] : null,
      count: sides.length,
    };
  });
}

/** By how much the first side of a seam is longer than the second beyond the ease stated, mm. */
export const seamOff = ([first, second]: NonNullable<StatedSeam["sides"]>): number =>
  first.lengthMm - first.easeMm - (second.lengthMm - second.easeMm);
