import { placeAt } from "./along.ts";
import type { Edge } from "./edge.ts";
import { lengthOfEdge, parameterAt } from "./length.ts";
import type { Point } from "./point.ts";

/** Edges one after the other, each with its length, mm: measured once, however many places are looked for. */
interface Seam {
  readonly edges: readonly { readonly edge: Edge; readonly mm: number }[];
  readonly mm: number;
}

function seamOf(edges: readonly Edge[]): Seam {
  const measured = edges.map((edge) => ({ edge, mm: lengthOfEdge(edge) }));
  return { edges: measured, mm: measured.reduce((sum, one) => sum + one.mm, 0) };
}

function placeOn({ edges }: Seam, mm: number): Point | null {
  let left = mm;
  for (const one of edges) {
    if (left <= one.mm || one === edges.at(-1)) return placeAt(one.edge, parameterAt(one.edge, left));
    left -= one.mm;
  }
  return null;
}

/**
 * The place at which edges one after the other have gone a length.
 * @returns null where there are no edges.
 */
export const placeAlong = (edges: readonly Edge[], mm: number): Point | null => placeOn(seamOf(edges), mm);

/** Two seams walked along one another, as at the table: how they compare in length, and which places meet. */
export interface Walk {
  readonly firstMm: number;
  readonly secondMm: number;
  /** Second less first: what is to be eased in, or stretched. */
  readonly differenceMm: number;
  /** Places that meet, station by station over the shorter of the two. */
  readonly stations: readonly { readonly mm: number; readonly onFirst: Point; readonly onSecond: Point }[];
}

/**
 * Walks two seams along one another from their starts.
 * @param steps equal lengths the shorter one is divided into, 1 or more.
 */
export function walkAlong(first: readonly Edge[], second: readonly Edge[], steps: number): Walk {
  const [one, other] = [seamOf(first), seamOf(second)];
  const shorter = Math.min(one.mm, other.mm);
  const stations = Array.from({ length: steps + 1 }, (_, step) => {
    const mm = (shorter * step) / steps;
    const [onFirst, onSecond] = [placeOn(one, mm), placeOn(other, mm)];
    return onFirst && onSecond ? [{ mm, onFirst, onSecond }] : [];
  }).flat();
  return { firstMm: one.mm, secondMm: other.mm, differenceMm: other.mm - one.mm, stations };
}
