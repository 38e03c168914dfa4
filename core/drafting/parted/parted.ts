import type { Draft, OneLine, Run } from "../draft.ts";
import type { BodySide, Piece } from "../piece/index.ts";
import { halfId, isParted, renamed } from "./halves.ts";

/**
 * A draft with left and right told apart: each piece on the fold becomes its two halves, alike for now, which are cut as one along
 * the centre; of pieces that are cut turned over, each side has its own. A draft that is parted already stays what it is.
 */
export function parted(draft: Draft): Draft {
  if (isParted(draft)) return draft;
  const apart = new Set(draft.pieces.filter(isTwoSided).map(({ id }) => id));
  if (apart.size === 0) return draft;
  const onSide = (side: BodySide) => (id: string) => (apart.has(id) ? halfId(id, side) : id);
  const right = onSide("right");
  const rightRun = (run: Run): Run => ({
    ...run,
    parts: run.parts.map((part) => ({ ...part, piece: right(part.piece) })),
  });
  const touches = ({ parts }: Run) => parts.some(({ piece }) => apart.has(piece));
  const lineTouches = ({ first, second }: OneLine) => apart.has(first.piece) || apart.has(second.piece);
  return {
    ...draft,
    pieces: draft.pieces.flatMap((piece) =>
      apart.has(piece.id) ? [halfOf(piece, "left", onSide("left")), halfOf(piece, "right", right)] : [piece],
    ),
    oneLines: onBoth(draft.oneLines, lineTouches, (line) => ({
      first: { ...line.first, piece: right(line.first.piece) },
      second: { ...line.second, piece: right(line.second.piece) },
    })),
    elastics: draft.elastics.flatMap((elastic) =>
      touches(elastic.along)
        ? [
            { ...elastic, name: `${elastic.name}, left`, side: "left" as const },
            { ...elastic, name: `${elastic.name}, right`, side: "right" as const, along: rightRun(elastic.along) },
          ]
        : [elastic],
    ),
    limits: onBoth(
      draft.limits,
      ({ along }) => touches(along),
      (limit) => ({ ...limit, ...rightOf(limit), along: rightRun(limit.along) }),
    ),
    ...(draft.needs && {
      needs: onBoth(
        draft.needs,
        ({ along }) => touches(along),
        (need) => ({ ...need, ...rightOf(need), along: rightRun(need.along) }),
      ),
    }),
    ...(draft.meetings && {
      meetings: onBoth(
        draft.meetings,
        ({ first }) => touches(first),
        (meeting) => ({ ...rightOf(meeting), first: rightRun(meeting.first), second: rightRun(meeting.second) }),
      ),
    }),
    ...(draft.clearances && {
      clearances: onBoth(
        draft.clearances,
        ({ piece }) => apart.has(piece),
        (one) => ({ ...one, piece: right(one.piece) }),
      ),
    }),
  };
}

/** What a draft is held against, with that of the right side after each that touches pieces which are told apart. */
const onBoth = <One>(all: readonly One[], touches: (one: One) => boolean, right: (one: One) => One): One[] =>
  all.flatMap((one) => (touches(one) ? [one, right(one)] : [one]));

const rightOf = ({ name }: { readonly name: string }) => ({ name: `${name}, right` });

/** A draft to be laid under or over another: its sides are told apart where the other's are. */
export const alikeIn = (shown: Draft, other: Draft): Draft => (isParted(shown) ? parted(other) : other);

/** Left and right are drawn as one: on the fold, or cut once more turned over. */
const isTwoSided = ({ onFold, mirrored, count }: Piece): boolean => onFold || (mirrored && count % 2 === 0);

function halfOf(piece: Piece, side: BodySide, onSide: (id: string) => string): Piece {
  const other: BodySide = side === "left" ? "right" : "left";
  // A seam of a piece with itself, as a centre seam is, meets the other half.
  const across = (id: string) => (id === piece.id ? halfId(id, other) : onSide(id));
  return {
    ...renamed(piece, onSide, across),
    half: { side, of: piece.id },
    ...(piece.onFold ? {} : { name: `${piece.name}, ${side}`, count: piece.count / 2, mirrored: false }),
  };
}
