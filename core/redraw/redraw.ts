import {
  type BodySide,
  type Draft,
  isParted,
  type OperationCall,
  type OperationReport,
  operate,
  parted,
  saidAlone,
  sideOf,
  TRUNK_LOOP,
} from "../drafting/index.ts";
import { type Change, type FrozenLength, type FrozenRing, inCuttingOrder } from "../fitting/index.ts";
import { type Landed, landedOn } from "./landing.ts";
import { braRule } from "./rules/bra.ts";
import { DRAW_RULES } from "./rules/index.ts";
import { drawOwn } from "./rules/ownPattern.ts";
import { panelRule, ZONE_OF_LEVEL } from "./rules/panels.ts";
import type { Drawn } from "./rules/rule.ts";
import { withSidesTrued } from "./rules/trueSides.ts";

/** What became of a change on the pieces: operations with what each changed, or what is done instead. */
export interface RedrawnStep {
  readonly changeId: number;
  readonly calls: readonly OperationCall[];
  readonly reports: readonly OperationReport[];
  /** What each piece was to come to, and came to; left out of prototypes that were cut before it was looked at. */
  readonly lands?: readonly Landed[];
  /** Empty where it was drawn: what is done by hand, or why no line moves. */
  readonly instead: string;
}

/** The plan that redrawn pieces are held against: girths and lengths with every change in. */
export interface RedrawnPlan {
  readonly rings: readonly (Pick<FrozenRing, "zone" | "nowMm"> & Partial<Pick<FrozenRing, "side">>)[];
  readonly lengths: readonly Pick<FrozenLength, "id" | "nowMm">[];
}

/**
 * Pieces with decided changes drawn in, in the order of the cutting table. Each is drawn once; what cannot be drawn leaves the pieces
 * as they were and says why, and the rules then name the girth that is missing.
 */
export function redraw(
  draft: Draft,
  changes: readonly Change[],
  plan: RedrawnPlan,
): { readonly draft: Draft; readonly steps: readonly RedrawnStep[] } {
  let current = draft;
  const steps = inCuttingOrder(changes).map((change): RedrawnStep => {
    const drawn = drawnChange(change, current);
    const step = { changeId: change.id, calls: [], reports: [], instead: "" };
    if ("instead" in drawn) return { ...step, instead: drawn.instead };
    const done = operate(current, drawn.calls);
    if (!done.ok) return { ...step, instead: `By hand. ${saidAlone(done.problem.message)}` };
    const lands = landedOn(current, done.value.draft, change, drawn.lands);
    current = done.value.draft;
    return { ...step, calls: drawn.calls, reports: done.value.reports, lands };
  });
  return { draft: heldAgainst(current, plan), steps };
}

/**
 * How a change is drawn: of one side, as the rule draws it where only that side were there. Middle and seams belong to both, so the rule
 * is told which side it is.
 */
export function drawnChange(change: Change, draft: Draft): Drawn {
  const rule = draft.stated
    ? drawOwn
    : (braRule(draft, change.on) ?? panelRule(draft, change.on) ?? DRAW_RULES[change.on]);
  const { side } = change;
  const on = (view: Draft) => withSidesTrued(view, rule(change, view));
  if (side === "both" || draft.stated)
    return isParted(draft) ? onEither(on(asBoth(draft, "left")), on(asBoth(draft, "right"))) : on(draft);
  const apart = parted(draft);
  // What has no left and right drawn as one, as cups of their own, is told by its names.
  if (!isParted(apart)) return on(draft);
  const drawn = on(sideOf(apart, side));
  return "instead" in drawn ? drawn : { ...drawn, calls: drawn.calls.map((call) => ({ ...call, onSide: side })) };
}

/** A draft whose sides were told apart as if both were as one of them is: each edge takes its share of all of them. */
function asBoth(draft: Draft, side: BodySide): Draft {
  const view = sideOf(draft, side);
  return {
    ...view,
    pieces: view.pieces.map(({ half, ...piece }) =>
      half && !piece.onFold ? { ...piece, count: piece.count * 2, mirrored: true } : piece,
    ),
  };
}

/** What is decided of both sides where they differ: what comes out alike once for both, what does not on either side by its own amount. */
function onEither(left: Drawn, right: Drawn): Drawn {
  if ("instead" in left) return left;
  if ("instead" in right) return right;
  const calls = Array.from({ length: Math.max(left.calls.length, right.calls.length) }, (_, at) => {
    const [one, other] = [left.calls[at], right.calls[at]];
    if (one && other && JSON.stringify(one) === JSON.stringify(other)) return [one];
    return [
      ...(one ? [{ ...one, onSide: "left" as const }] : []),
      ...(other ? [{ ...other, onSide: "right" as const }] : []),
    ];
  });
  return { calls: calls.flat(), lands: left.lands };
}

/** Lengths of a plan that lines of a pattern from elsewhere are summed to, by what they count to. */
const LENGTH_OF_LEVEL: Readonly<Record<string, string>> = {
  ...{ [TRUNK_LOOP]: "trunk", crotchFront: "frontRise", crotchBack: "backRise" },
};

/** A draft held against another plan: what each level, loop and elastic is to come to. */
export function heldAgainst(draft: Draft, { rings, lengths }: RedrawnPlan): Draft {
  const girthOf = (zone: string, side?: BodySide) => {
    const all = rings.filter((ring) => ring.zone === zone);
    const own = all.filter((ring) => ring.side === side);
    const there = (own.length > 0 ? own : all).map(({ nowMm }) => nowMm);
    return there.length === 0 ? null : Math.max(...there);
  };
  const trunk = lengths.find(({ id }) => id === "trunk")?.nowMm;
  const levelOf = (level: string) =>
    girthOf(ZONE_OF_LEVEL[level] ?? level) ?? lengths.find(({ id }) => id === LENGTH_OF_LEVEL[level])?.nowMm;
  return {
    ...draft,
    levels: draft.levels.map((level) => ({ ...level, plannedMm: levelOf(level.level) ?? level.plannedMm })),
    loops: draft.loops.map((loop) => ({ ...loop, plannedMm: trunk ?? loop.plannedMm })),
    elastics: draft.elastics.map((elastic) => ({
      ...elastic,
      plannedMm: girthOf("leg", elastic.side) ?? elastic.plannedMm,
    })),
  };
}
