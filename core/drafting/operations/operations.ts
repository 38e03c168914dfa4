import { fail, ok, type Result } from "../../result.ts";
import type { Draft } from "../draft.ts";
import { distance } from "../geometry/index.ts";
import { girthsOf } from "../measured.ts";
import { withSeamNotches } from "../notches/index.ts";
import { isParted, parted, sideOf, withSide } from "../parted/index.ts";
import { asCut, type BodySide, edgeLength, type PieceEdge } from "../piece/index.ts";
import { statedOf } from "../stated/index.ts";
import { retaken } from "../taken/index.ts";
import { allow } from "./allow.ts";
import { blendSizes } from "./blendSizes.ts";
import { bridgeWidth, cradleDepth, cupSeam, hookEnd, shiftFullness, wingLength, wireRaise } from "./bra/index.ts";
import { copyPiece } from "./copyPiece.ts";
import { curveUp } from "./curveUp.ts";
import { dart } from "./dart.ts";
import { girth } from "./girth.ts";
import { lengthen } from "./lengthen.ts";
import { letOutEdge } from "./letOutEdge.ts";
import { letOutEnd } from "./letOutEnd.ts";
import { mirror } from "./mirror.ts";
import { moveEnd } from "./moveEnd.ts";
import { moveLevel } from "./moveLevel.ts";
import { movePoint } from "./movePoint.ts";
import { moveSeam } from "./moveSeam.ts";
import { notchPair } from "./notchPair.ts";
import type { Operation } from "./operation.ts";
import { overlap } from "./overlap.ts";
import { panelSeams } from "./panelSeams.ts";
import { part } from "./part.ts";
import { pivotDart } from "./pivotDart.ts";
import { placePoint } from "./placePoint.ts";
import { restate } from "./restate.ts";
import { scoop } from "./scoop.ts";
import { shiftGirth } from "./shiftGirth.ts";
import { slash } from "./slash.ts";
import { splitPiece } from "./splitPiece.ts";
import { trace } from "./trace.ts";
import { trueEdge } from "./trueEdge.ts";
import { wedge } from "./wedge.ts";

/** Every operation; adding one is adding a file and a line here. */
export const OPERATIONS: readonly Operation[] = [
  girth,
  lengthen,
  moveLevel,
  letOutEdge,
  letOutEnd,
  slash,
  wedge,
  moveEnd,
  shiftGirth,
  dart,
  pivotDart,
  overlap,
  placePoint,
  movePoint,
  scoop,
  curveUp,
  blendSizes,
  trueEdge,
  allow,
  notchPair,
  copyPiece,
  restate,
  splitPiece,
  part,
  mirror,
  trace,
  moveSeam,
  cupSeam,
  shiftFullness,
  wireRaise,
  bridgeWidth,
  wingLength,
  cradleDepth,
  hookEnd,
  panelSeams,
];

/** An operation by its name, with numbers that its schema has read. */
export interface OperationCall {
  readonly operation: string;
  readonly params: Readonly<Record<string, unknown>>;
  /** Done on one side alone: left and right are then told apart. Left out for both. */
  readonly onSide?: BodySide;
}

/** An operation with its numbers. */
export const call = (operation: string, params: OperationCall["params"]): OperationCall => ({ operation, params });

/** What one operation changed, mm. */
export interface OperationReport {
  readonly operation: string;
  readonly edges: readonly {
    readonly piece: string;
    readonly edge: string;
    readonly beforeMm: number;
    readonly afterMm: number;
  }[];
  readonly girths: readonly { readonly level: string; readonly beforeMm: number; readonly afterMm: number }[];
}

/** A difference below this is none, mm. */
const NOTHING_MM = 1e-3;

/**
 * Does operations one after the other. Each gives a draft of its own: taking the last back is doing all but the last.
 * @returns the draft with all of them in and what each changed; or the problem of the first that cannot be done, with its number.
 */
export function operate(
  draft: Draft,
  calls: readonly OperationCall[],
): Result<{ readonly draft: Draft; readonly reports: readonly OperationReport[] }> {
  let current = draft;
  const reports: OperationReport[] = [];
  for (const [at, { operation: id, params, onSide: side }] of calls.entries()) {
    const known = OPERATIONS.find((one) => one.id === id);
    const names = OPERATIONS.map((one) => one.id).join(", ");
    if (!known)
      return fail("unknown-operation", `Operation ${at + 1}: expected one of ${names}, but got “${id.slice(0, 40)}”.`);
    const before = side || id === part.id ? parted(current) : current;
    const next = side ? onOneSide(before, side, (view) => known.apply(view, params)) : known.apply(current, params);
    if (!next.ok) return fail(next.problem.code, `Operation ${at + 1}, ${id}: ${next.problem.message}`);
    const after = retaken(next.value);
    reports.push(reportOf(id, before, after));
    current = after;
  }
  return ok({ draft: calls.length === 0 ? draft : withSeamNotches(current), reports });
}

/** What a problem of {@link operate} says without the number and name of its operation: where one was asked for alone. */
export const saidAlone = (message: string): string => message.replace(/^Operation \d+, \w+: /, "");

/** A change of one side of a parted draft. @returns it; or `no-sides` where nothing of it has a left and a right. */
function onOneSide(draft: Draft, side: BodySide, change: (view: Draft) => Result<Draft>): Result<Draft> {
  if (!isParted(draft))
    return fail(
      "no-sides",
      `Expected pieces that have a left and a right, but none of these has: nothing is done on the ${side}.`,
    );
  const changed = change(sideOf(draft, side));
  return changed.ok ? ok(withSide(draft, side, changed.value)) : changed;
}

/** How much of a seam an edge is, mm: of a dart what is between its legs, not the way over the fold of its allowance. */
function seamMm(edge: PieceEdge): number {
  const [from, to] = [edge.lines[0]?.from, edge.lines.at(-1)?.to];
  return edge.role === "dart" && from && to ? distance(from, to) : edgeLength(edge);
}

function reportOf(operation: string, before: Draft, after: Draft): OperationReport {
  const cut = before.pieces.map(asCut);
  const edges = after.pieces.map(asCut).flatMap((piece) =>
    piece.edges.flatMap((edge) => {
      const own = cut.find(({ id }) => id === piece.id)?.edges.find(({ id }) => id === edge.id);
      // A piece that was split goes on under other names: an edge of it that was not cut is none that came.
      const old = own ?? cut.flatMap(({ edges: all }) => all).find(({ lines }) => lines === edge.lines);
      const [beforeMm, afterMm] = [old ? seamMm(old) : 0, seamMm(edge)];
      const same = old?.lines === edge.lines || Math.abs(afterMm - beforeMm) < NOTHING_MM;
      return same ? [] : [{ piece: piece.id, edge: edge.id, beforeMm, afterMm }];
    }),
  );
  const told = statedOf(before);
  const restated = statedOf(after).flatMap(({ piece, edge, lengthMm }) => {
    const beforeMm = told.find((one) => one.piece === piece && one.edge === edge)?.lengthMm ?? null;
    const same = lengthMm === null || beforeMm === null || Math.abs(lengthMm - beforeMm) < NOTHING_MM;
    return same ? [] : [{ piece, edge, beforeMm, afterMm: lengthMm }];
  });
  const old = new Map(girthsOf(before).girths.map(({ level, piecesMm }) => [level, piecesMm]));
  const girths = girthsOf(after).girths.flatMap(({ level, piecesMm }) => {
    const beforeMm = old.get(level) ?? 0;
    return Math.abs(piecesMm - beforeMm) < NOTHING_MM ? [] : [{ level, beforeMm, afterMm: piecesMm }];
  });
  return { operation, edges: [...edges, ...restated], girths };
}
