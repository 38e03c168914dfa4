import type { Draft } from "../draft.ts";
import type { BodySide } from "../piece/index.ts";
import { halfId } from "./halves.ts";
import { parted } from "./parted.ts";

/**
 * One draft of two that were each drawn for one side of the body as if the other were alike: the left half of every piece from the
 * first, the right one from the second. What is said of the whole is the first's; notes and numbers are the caller's to join.
 */
export function joinedSides(left: Draft, right: Draft): Draft {
  const drafts = { left: parted(left), right: parted(right) };
  const there = (side: BodySide) =>
    drafts[side].pieces.filter(({ half }) => half?.side === side || (half === undefined && side === "left"));
  const pieces = there("left").flatMap((piece) => [
    piece,
    ...(piece.half ? there("right").filter(({ id }) => id === halfId(piece.half?.of ?? "", "right")) : []),
  ]);
  const sideOf = (id: string): BodySide => pieces.find((piece) => piece.id === id)?.half?.side ?? "left";
  const own = <One>(listOf: (draft: Draft) => readonly One[] | undefined, pieceOf: (one: One) => string | undefined) =>
    (["left", "right"] as const).flatMap((side) =>
      (listOf(drafts[side]) ?? []).filter((one) => sideOf(pieceOf(one) ?? "") === side),
    );
  return {
    ...drafts.left,
    pieces,
    oneLines: own(
      ({ oneLines }) => oneLines,
      ({ first }) => first.piece,
    ),
    elastics: own(
      ({ elastics }) => elastics,
      ({ along }) => along.parts[0]?.piece,
    ),
    limits: own(
      ({ limits }) => limits,
      ({ along }) => along.parts[0]?.piece,
    ),
    needs: own(
      ({ needs }) => needs,
      ({ along }) => along.parts[0]?.piece,
    ),
    meetings: own(
      ({ meetings }) => meetings,
      ({ first }) => first.parts[0]?.piece,
    ),
    clearances: own(
      ({ clearances }) => clearances,
      ({ piece }) => piece,
    ),
  };
}
