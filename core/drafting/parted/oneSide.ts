import type { Draft } from "../draft.ts";
import type { BodySide } from "../piece/index.ts";
import { halfId, renamed } from "./halves.ts";

/** A parted draft as if only one side of it were there, its halves under the names of their pieces: what is changed there leaves the other side. */
export function sideOf(draft: Draft, side: BodySide): Draft {
  const names = namesOn(draft, side);
  const own = new Map([...names].map(([of, id]) => [id, of]));
  const named = (id: string) => own.get(id) ?? id;
  const there = draft.pieces.filter(({ half }) => half === undefined || half.side === side);
  return { ...draft, pieces: there.map((piece) => renamed(piece, named)) };
}

/** A parted draft with one side of it changed. */
export function withSide(draft: Draft, side: BodySide, changed: Draft): Draft {
  const names = namesOn(draft, side);
  const named = (id: string) => names.get(id) ?? id;
  const back = changed.pieces.map((piece) => renamed(piece, named));
  const known = new Set(draft.pieces.map(({ id }) => id));
  return {
    ...changed,
    pieces: [
      ...draft.pieces.map((piece) => back.find(({ id }) => id === piece.id) ?? piece),
      ...back.filter(({ id }) => !known.has(id)),
    ],
  };
}

/** The halves of one side, by the piece they are of. */
const namesOn = ({ pieces }: Draft, side: BodySide): ReadonlyMap<string, string> =>
  new Map(pieces.flatMap(({ half }) => (half ? [[half.of, halfId(half.of, side)] as const] : [])));
