import type { Draft } from "../drafting/index.ts";
import { type Change, type CutOn, type CutWay, inCuttingOrder } from "../fitting/index.ts";
import { type RedrawnStep, redraw } from "./redraw.ts";

/** A set of pieces that changes are cut into. */
export interface CutSet {
  readonly draft: Draft;
}

/**
 * How changes come onto the sets of pieces a job has, one after the other in the order of the cutting table: on every piece that is drawn
 * otherwise by one, what is done to it; by hand where none of the sets is.
 * @returns them by the number of the change; none where a job has no pieces.
 */
export function cutWays(sets: readonly CutSet[], changes: readonly Change[]): ReadonlyMap<number, CutWay> {
  if (sets.length === 0) return new Map();
  const ordered = inCuttingOrder(changes);
  const drawn = sets.map(({ draft }) => ({ draft, steps: redraw(draft, ordered, { rings: [], lengths: [] }).steps }));
  return new Map(
    ordered.map(({ id }) => {
      const steps = drawn.flatMap(({ draft, steps: all }) => {
        const step = all.find(({ changeId }) => changeId === id);
        return step ? [{ draft, step }] : [];
      });
      const lines = once(steps.flatMap(({ draft, step }) => linesOf(draft, step)));
      const isDrawn = steps.some(({ step }) => step.calls.length > 0);
      return [id, { lines, instead: isDrawn ? "" : insteadOf(steps.map(({ step }) => step)) }] as const;
    }),
  );
}

/** Of several sets that do not draw it, the one that says why no line moves; else the first that says what is done by hand. */
const insteadOf = (steps: readonly RedrawnStep[]): string =>
  (steps.find(({ instead }) => instead.startsWith("No line")) ?? steps[0])?.instead ?? "";

function linesOf({ pieces }: Draft, { lands = [] }: RedrawnStep): CutOn[] {
  return lands.flatMap(({ piece: id, byMm, cut }) => {
    if (!cut || byMm === 0) return [];
    const piece = pieces.find((one) => one.id === id)?.name.toLowerCase() ?? id;
    return [{ piece, line: cut.line, doing: cut.doing, edges: cut.edges ?? 1, amountMm: byMm }];
  });
}

/** Cups stand in a set of their own and in the bra they are sewn in: told once. */
const once = (lines: readonly CutOn[]): CutOn[] =>
  lines.filter((line, at) => lines.findIndex((one) => one.piece === line.piece && one.line === line.line) === at);
