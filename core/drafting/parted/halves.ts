import type { Draft } from "../draft.ts";
import type { BodySide, Piece } from "../piece/index.ts";

/** What follows the name of a piece in that of its right half: the left one keeps the piece's own. */
const RIGHT = ".right";

/** Name of one half of a piece that is parted. */
export const halfId = (of: string, side: BodySide): string => (side === "left" ? of : `${of}${RIGHT}`);

/** True where left and right of a draft are told apart. */
export const isParted = ({ pieces }: Pick<Draft, "pieces">): boolean => pieces.some(({ half }) => half !== undefined);

/** A piece of a draft with its other half where it is parted: what goes round the body under one name. */
export const sidesOf = ({ pieces }: Pick<Draft, "pieces">, id: string): Piece[] =>
  pieces.filter((piece) => piece.id === id || piece.half?.of === id);
