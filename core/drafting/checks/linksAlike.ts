import { edgeLength, edgeWords, type Piece } from "../piece/index.ts";
import type { Check } from "./check.ts";

/** Linked pieces agree to this, mm. */
const ALIKE_MM = 0.1;

/** Pieces that are linked have the same edges: a lining that was not changed with its shell would pull. */
export const linksAlike: Check = {
  id: "linksAlike",
  holds: "Linked pieces are alike.",
  faults: ({ pieces }) =>
    pieces.flatMap((piece) =>
      piece.links.flatMap((id) => {
        const other = pieces.find((one) => one.id === id);
        if (!other)
          return [
            { piece: piece.id, message: `Expected “${piece.name}” to be linked to a piece, but there is no “${id}”.` },
          ];
        const edge = unlike(piece, other);
        return edge === null
          ? []
          : [
              {
                piece: piece.id,
                edge,
                message: `Expected “${piece.name}” and “${other.name}” to be alike, but their edge ${edgeWords(edge)} differs.`,
              },
            ];
      }),
    ),
};

/** The first edge in which two pieces differ. */
function unlike(one: Piece, other: Piece): string | null {
  const differs = one.edges.find((edge) => {
    const same = other.edges.find(({ id }) => id === edge.id);
    return !same || Math.abs(edgeLength(edge) - edgeLength(same)) > ALIKE_MM;
  });
  return differs?.id ?? null;
}
