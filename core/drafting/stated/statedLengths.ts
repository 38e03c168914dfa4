import type { Draft } from "../draft.ts";
import { edgeLength } from "../piece/index.ts";
import type { StatedEdge } from "./statedEdge.ts";

/** The edges of a draft that are known by name and length; none where all are drawn. */
export const statedOf = ({ stated = [] }: Pick<Draft, "stated">): readonly StatedEdge[] => stated;

/** Length of a stated edge, mm: as told, or of the edge that is drawn. @throws RangeError where neither is there: drafts name only their own edges. */
export function statedLength({ pieces }: Pick<Draft, "pieces">, { piece, edge, lengthMm }: StatedEdge): number {
  if (lengthMm !== null) return lengthMm;
  const drawn = pieces.find(({ id }) => id === piece)?.edges.find(({ id }) => id === edge);
  if (!drawn) throw new RangeError(`${piece} has no edge ${edge} that is drawn.`);
  return edgeLength(drawn);
}

/** What the stated edges of a level or loop come to together, mm; null where none counts to it. */
export function statedSum(draft: Draft, level: string): number | null {
  const parts = statedOf(draft).filter(({ counts }) => counts === level);
  return parts.length === 0 ? null : parts.reduce((sum, one) => sum + one.times * statedLength(draft, one), 0);
}
