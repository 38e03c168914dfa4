import { type Draft, type Edge, edgeOf, lengthOfEdges } from "../drafting/index.ts";

/** The edge down the centre back, where a boned garment is closed. mm */
export interface BackEdge {
  readonly lines: readonly Edge[];
  readonly lengthMm: number;
  /** From its top down to the waist. */
  readonly waistMm: number;
}

/** The back edge of drawn panels; null where they do not reach the centre back or the waist. */
export function backEdge({ pieces }: Pick<Draft, "pieces">): BackEdge | null {
  const panel = pieces.findLast(({ edges }) => edges.some(({ role }) => role === "centreBack"));
  const waist = panel?.levels.find(({ level }) => level === "waist");
  if (!panel || !waist) return null;
  const { lines } = edgeOf(panel, "back");
  return { lines, lengthMm: lengthOfEdges(lines), waistMm: waist.to.y - (lines[0]?.from.y ?? 0) };
}
