import { namesIn } from "../torso/placements.ts";
import type { Change, ChangeTarget } from "./change.ts";
import { findingKindOf } from "./findings/index.ts";
import type { Finding } from "./fitting.ts";
import { perEdge } from "./propose.ts";
import { spotOf } from "./spots.ts";

/** One thing to do on one piece. Amounts in mm, signed: negative takes off or shortens. */
export interface CuttingLine {
  readonly change: Change;
  /** Line or seam. */
  readonly line: string;
  /** Place of the garment: `at the waist`; empty where the line says it. */
  readonly where: string;
  /** Amount on this piece: at each of its edges, or across it; null for work that is no amount. */
  readonly amountMm: number | null;
  /** Edges of the piece that take it; 1 for a change across the piece. */
  readonly edges: number;
  readonly doing: Doing;
  readonly blend: string;
  /** What it is for: the finding, or the maker's own reason. */
  readonly why: string;
}

/** How a piece is changed. */
export type Doing = "spread" | "overlap" | "add" | "takeOff" | "move" | "work";

/** What is done, as an order; the amount stands behind it. */
export const DOING_WORDS: Readonly<Record<Doing, string>> = {
  spread: "Cut apart and spread",
  overlap: "Fold out",
  add: "Add",
  takeOff: "Take off",
  move: "Move",
  work: "Do",
};

/** Everything to do on one piece, in the order to do it. */
export interface CuttingPiece {
  readonly piece: string;
  readonly lines: readonly CuttingLine[];
}

/** The order to do it in: lengths move every line below them, so they come first; hardware follows the cloth. */
const ORDER: readonly ChangeTarget[] = [
  "length",
  "line",
  "point",
  "cup",
  "girth",
  "balance",
  "edge",
  "wire",
  "elastic",
  "making",
];

/** Pieces that are told first: the large ones, as they lie on the table. */
const LARGE = ["front", "back"];

/** A change with the finding it answers; null for one of the maker's own. */
export interface FoundChange {
  readonly change: Change;
  readonly finding: Finding | null;
}

/** What to do at the cutting table: piece by piece, line by line, in the order to do it. */
export function cuttingTable(changes: readonly FoundChange[]): CuttingPiece[] {
  const pieces = new Map<string, CuttingLine[]>();
  const inOrder = changes.toSorted((a, b) => ORDER.indexOf(a.change.on) - ORDER.indexOf(b.change.on));
  for (const { change, finding } of inOrder) {
    const names = piecesOf(change);
    for (const piece of names) {
      const line = lineOn(piece, names.length, change, finding);
      pieces.set(piece, [...(pieces.get(piece) ?? []), line]);
    }
  }
  return [...pieces]
    .map(([piece, lines]) => ({ piece, lines }))
    .toSorted((a, b) => rank(a.piece) - rank(b.piece) || a.piece.localeCompare(b.piece));
}

const rank = (piece: string): number => (LARGE.includes(piece) ? LARGE.indexOf(piece) : LARGE.length);

function piecesOf({ pieces }: Change): string[] {
  const names = namesIn(pieces);
  return names.length > 0 ? names : ["whole garment"];
}

function lineOn(piece: string, of: number, change: Change, finding: Finding | null): CuttingLine {
  const { line, blend, reason } = change;
  const why = finding ? findingKindOf(finding.kind).name.toLowerCase() : reason || "own change";
  const spot = spotOf(change.spot).name.toLowerCase();
  const where = line.toLowerCase().includes(spot) ? "" : `at the ${spot}`;
  return { change, line, where, blend, why, ...amountOn(piece, of, change) };
}

function amountOn(piece: string, of: number, change: Change): Pick<CuttingLine, "amountMm" | "edges" | "doing"> {
  const { on, amountMm, seams, remedy } = change;
  if (amountMm === null) return { amountMm: null, edges: 1, doing: "work" };
  if (on === "girth") {
    const edge = perEdge(amountMm, seams);
    // Every seam has one edge on each of the pieces it joins.
    return { amountMm: edge, edges: Math.max(1, Math.round((2 * seams) / of)), doing: edge < 0 ? "takeOff" : "add" };
  }
  if (on === "balance") {
    const gives = (remedy === "balance-front") === (piece === "front");
    return { amountMm: gives ? amountMm : -amountMm, edges: 2, doing: gives ? "add" : "takeOff" };
  }
  if (on === "length") {
    const share = amountMm / of;
    return { amountMm: share, edges: 1, doing: share < 0 ? "overlap" : "spread" };
  }
  if (on === "line" || on === "point") return { amountMm, edges: 1, doing: "move" };
  return { amountMm, edges: 1, doing: amountMm < 0 ? "takeOff" : "add" };
}
