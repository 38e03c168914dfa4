import type { Draft, Edge } from "../../../core/drafting/index.ts";
import type { PiecesId } from "../../../core/pieces/index.ts";
import { recipeOfPieces } from "../../../core/pieces/index.ts";

/** An edge that a traced curve can be laid over. */
export interface TracedEdge {
  /** Whose pieces, with the word for them. */
  readonly of: PiecesId;
  readonly recipe: string;
  readonly piece: string;
  readonly pieceName: string;
  readonly edge: string;
  readonly lines: readonly Edge[];
}

/** The edges of pieces a curve can be laid over: every one but folds, which stay straight, of pieces that are drawn themselves. */
export const tracedEdges = (sets: readonly { readonly id: PiecesId; readonly draft: Draft }[]): TracedEdge[] =>
  sets.flatMap(({ id: of, draft }) =>
    draft.pieces
      .filter(({ takenFrom, half }) => !takenFrom && half?.side !== "right")
      .flatMap(({ id: piece, name: pieceName, edges }) =>
        edges
          .filter(({ finish, role }) => finish !== "fold" && role !== "dart")
          .map(({ id: edge, lines }) => ({
            ...{ of, recipe: recipeOfPieces(of).name, piece, pieceName, edge, lines },
          })),
      ),
  );

/** The address of an edge on the page of traced curves. */
export const tracedQuery = ({ of, piece, edge }: Pick<TracedEdge, "of" | "piece" | "edge">): string =>
  new URLSearchParams({ of, piece, edge }).toString();
