import { type OperationReport, wholeId } from "../../core/drafting/index.ts";
import { edgeName, levelName } from "../../core/pieces/index.ts";
import type { RedrawnStep } from "../../core/redraw/index.ts";

/** An edge or a girth before a change and after it, mm, with what it is called. */
export interface ToldChange {
  readonly name: string;
  readonly beforeMm: number;
  readonly afterMm: number;
}

/** How far edges and girths have to differ to be told, and two sides to be told apart, mm. */
const TOLD_MM = 0.5;
const APART_MM = 0.05;

/**
 * What the operations of one change did, edge by edge and girth by girth: each as it was before the first of them and is after the last. Left
 * and right of a piece are two edges, told as one only where they came to the same.
 */
export function stepTold({ calls, reports }: Pick<RedrawnStep, "calls" | "reports">): ToldChange[] {
  const girths = new Map<string, ToldChange>();
  const edges = new Map<string, EdgeChange>();
  for (const report of reports) {
    for (const { level, beforeMm, afterMm } of report.girths) {
      const name = `girth at ${levelName(level).toLowerCase()}`;
      girths.set(name, { name, beforeMm: girths.get(name)?.beforeMm ?? beforeMm, afterMm });
    }
    for (const part of wholeEdges(report.edges)) {
      const key = `${part.piece} ${part.edge}`;
      edges.set(key, { ...part, beforeMm: edges.get(key)?.beforeMm ?? part.beforeMm });
    }
  }
  return [...girths.values(), ...bothSides([...edges.values()], calls)].filter(
    ({ beforeMm, afterMm }) => Math.abs(afterMm - beforeMm) >= TOLD_MM,
  );
}

type EdgeChange = OperationReport["edges"][number];

/** Edges with a name each, of two sides that came to the same one. */
function bothSides(edges: readonly EdgeChange[], calls: RedrawnStep["calls"]): ToldChange[] {
  const told = new Set<EdgeChange>();
  return edges.flatMap((one) => {
    if (told.has(one)) return [];
    const whole = wholeId(one.piece);
    const other = edges.find((two) => two !== one && two.edge === one.edge && wholeId(two.piece) === whole);
    const alike = other && isNear(one.beforeMm, other.beforeMm) && isNear(one.afterMm, other.afterMm);
    if (other && alike) told.add(other);
    const side = one.piece === whole ? "left" : "right";
    const apart = !alike && (other !== undefined || side === "right" || calls.some(({ onSide }) => onSide === side));
    const { beforeMm, afterMm } = one;
    const piece = pieceWords(one.piece, apart ? side : undefined);
    return [{ name: `${edgeName({ id: one.edge }).toLowerCase()} of ${piece}`, beforeMm, afterMm }];
  });
}

const isNear = (one: number, other: number): boolean => Math.abs(one - other) <= APART_MM;

/** The side a piece is of, where among those told there is one of the other side as well. */
export function sideAmong(piece: string, told: readonly string[]): "left" | "right" | undefined {
  if (wholeId(piece) !== piece) return "right";
  return told.some((other) => other !== piece && wholeId(other) === piece) ? "left" : undefined;
}

/** A piece in words; of a change on one side with that side. */
export function pieceWords(piece: string, side: string | undefined): string {
  const name = edgeName({ id: wholeId(piece) }).toLowerCase();
  return side ? `the ${side} ${name}` : name;
}

/** Edges with what a dart in them has cut off put to the rest: whoever looks for the neckline looks for all of it. */
function wholeEdges(edges: readonly EdgeChange[]): EdgeChange[] {
  const whole = new Map<string, EdgeChange>();
  for (const part of edges) {
    const edge = part.edge.replace(/(\.dart|-2)$/, "");
    const before = whole.get(`${part.piece} ${edge}`);
    whole.set(`${part.piece} ${edge}`, {
      ...{ piece: part.piece, edge },
      beforeMm: part.beforeMm + (before?.beforeMm ?? 0),
      afterMm: part.afterMm + (before?.afterMm ?? 0),
    });
  }
  return [...whole.values()];
}
