import type { Draft } from "../draft.ts";
import type { BodySide, Piece } from "../piece/index.ts";

/** What follows the name of a piece in that of its right half: the left one keeps the piece's own. */
const RIGHT = ".right";

/** Name of one half of a piece that is parted. */
export const halfId = (of: string, side: BodySide): string => (side === "left" ? of : `${of}${RIGHT}`);

/** Name of the piece a half is of, by the half's own. */
export const wholeId = (id: string): string => (id.endsWith(RIGHT) ? id.slice(0, -RIGHT.length) : id);

/** True where left and right of a draft are told apart. */
export const isParted = ({ pieces }: Pick<Draft, "pieces">): boolean => pieces.some(({ half }) => half !== undefined);

/** A piece of a draft with its other half where it is parted: what goes round the body under one name. */
export const sidesOf = ({ pieces }: Pick<Draft, "pieces">, id: string): Piece[] =>
  pieces.filter((piece) => piece.id === id || piece.half?.of === id);

/** A piece under another name, its fellows under theirs; what its seams meet may be named by a way of its own. */
export const renamed = (piece: Piece, named: (id: string) => string, met = named): Piece => ({
  ...piece,
  id: named(piece.id),
  links: piece.links.map(named),
  edges: piece.edges.map((edge) => ({ ...edge, seam: edge.seam && { ...edge.seam, piece: met(edge.seam.piece) } })),
  ...(piece.takenFrom ? { takenFrom: { ...piece.takenFrom, piece: named(piece.takenFrom.piece) } } : {}),
});
