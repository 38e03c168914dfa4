import { fail, ok, type Result } from "../../result.ts";
import type { Draft } from "../draft.ts";
import { sideOf, sidesOf, withSide } from "../parted/index.ts";
import type { Piece } from "../piece/index.ts";

/** A piece of a draft by its name. @returns it, or `unknown-piece`. */
export function pieceNamed({ pieces }: Draft, id: string): Result<Piece> {
  const piece = pieces.find((one) => one.id === id);
  return piece
    ? ok(piece)
    : fail(
        "unknown-piece",
        `Expected a piece of ${pieces.map((one) => one.id).join(", ")}, but got “${id.slice(0, 40)}”.`,
      );
}

/**
 * A draft with a piece changed, and every piece that is linked to it alike; where it is parted, both halves by the name of the piece.
 * @returns it; `unknown-piece`; or what the change says of the first piece it cannot be done on.
 */
export function changedAlike(draft: Draft, id: string, change: (piece: Piece) => Result<Piece>): Result<Draft> {
  const found = pieceNamed(draft, id);
  if (!found.ok) return found;
  const named = found.value;
  if (named.takenFrom)
    return fail(
      "taken-piece",
      `Expected a piece that is drawn itself, but ${id} is taken from ${named.takenFrom.piece} and follows it: change that one.`,
    );
  const alike = new Set([id, ...named.links]);
  const pieces: Piece[] = [];
  for (const piece of draft.pieces) {
    const takes = alike.has(piece.id) || (piece.half !== undefined && alike.has(piece.half.of));
    const changed = takes ? change(piece) : ok(piece);
    if (!changed.ok) return changed;
    pieces.push(changed.value);
  }
  return ok({ ...draft, pieces });
}

/**
 * A change of a piece and of what it meets, done by the name of the piece: where left and right are told apart, on either side of it.
 * @returns the draft with it in, or what the change says of the first side it cannot be done on.
 */
export function onEitherSide(draft: Draft, id: string, change: (view: Draft) => Result<Draft>): Result<Draft> {
  if (sidesOf(draft, id).length < 2) return change(draft);
  const left = change(sideOf(draft, "left"));
  if (!left.ok) return left;
  const right = change(sideOf(draft, "right"));
  return right.ok ? ok(withSide(withSide(draft, "left", left.value), "right", right.value)) : right;
}
