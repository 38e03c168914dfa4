import type { Edge } from "./edge.ts";
import { distance, type Point } from "./point.ts";

/** Decimals of a written path, mm: files are read back to a hundredth. */
const DECIMALS = 4;

/** Edges closer than this follow one another without a new start, mm: lengths are found to no less. */
const MEETS_MM = 1e-3;

/** A number without needless digits, and without a minus before nothing. */
const written = (mm: number): string => String(Number(mm.toFixed(DECIMALS)) + 0);
const place = ({ x, y }: Point): string => `${written(x)} ${written(y)}`;

/** Edges as SVG path data in mm, curves as curves; a new start wherever an edge does not begin where the last ended. */
export function pathData(edges: readonly Edge[]): string {
  let at: Point | null = null;
  const parts: string[] = [];
  for (const edge of edges) {
    if (at === null || distance(at, edge.from) > MEETS_MM) parts.push(`M ${place(edge.from)}`);
    parts.push(
      edge.kind === "straight"
        ? `L ${place(edge.to)}`
        : `C ${place(edge.leave)} ${place(edge.arrive)} ${place(edge.to)}`,
    );
    at = edge.to;
  }
  return parts.join(" ");
}

/** An outline as SVG path data in mm, closed. */
export const closedPath = (outline: readonly Edge[]): string => `${pathData(outline)} Z`;
