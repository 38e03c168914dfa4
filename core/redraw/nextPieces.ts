import type { Draft } from "../drafting/index.ts";
import type { Change } from "../fitting/index.ts";
import type { PiecesId } from "../pieces/index.ts";
import type { PrototypePieces } from "./prototypePieces.ts";
import { type RedrawnPlan, redraw } from "./redraw.ts";

/** What the pieces of the next prototype are made from. */
export interface NextPieces {
  /** Those of the prototype before; none where it has none, or there is none. */
  readonly before: readonly PrototypePieces[];
  /** What is drawn from the plan today, by recipe. */
  readonly drawn: readonly { readonly id: PiecesId; readonly draft: Draft }[];
  /** Changes that are cut into the next prototype, and every change of the job so far. */
  readonly cut: readonly Change[];
  readonly all: readonly Change[];
  readonly plan: RedrawnPlan;
}

/**
 * Pieces of the next prototype: those of the one before with the changes that are cut into it; a recipe that had none there is
 * drawn from the plan, with every change of the job in.
 */
export function nextPieces({ before, drawn, cut, all, plan }: NextPieces): PrototypePieces[] {
  const kept = before.map(({ id, draft }): PrototypePieces => ({ id, from: "before", ...redraw(draft, cut, plan) }));
  const fresh = drawn
    .filter(({ id }) => !before.some((one) => one.id === id))
    .map(({ id, draft }): PrototypePieces => ({ id, from: "plan", ...redraw(draft, all, plan) }));
  return [...kept, ...fresh];
}
