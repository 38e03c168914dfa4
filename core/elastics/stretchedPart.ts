import { edgesSeenAt, type SeenAt } from "./decidedElastics.ts";
import type { EdgeElastic } from "./edgeElastic.ts";

/** An elastic is stretched where it is made shorter than its edge by more than this, mm. */
const STRETCHED_MM = 0.5;

/**
 * How long the stretched part of an elastic is, as it is made: of what a finding was seen on, the parts that are shorter than their edge.
 *
 * @returns mm at rest; null where no edge of the garment has elastic there, its school has no answer, or nothing of it is stretched.
 */
export function stretchedPartMm(edges: readonly EdgeElastic[], seen: SeenAt): number | null {
  const [edge] = edgesSeenAt(seen, edges);
  if (!edge?.chosen) return null;
  const { partsMm } = edge.chosen;
  const drawn = edge.ring.parts.map(({ edgeMm }) => edgeMm);
  // Made whole, it is of one part.
  const edgesMm = partsMm.length === drawn.length ? drawn : [edge.ring.edgeMm];
  const asked = seen.spot === "legFront" ? [0] : seen.spot === "legBack" ? [partsMm.length - 1] : [...partsMm.keys()];
  const sum = asked
    .filter((at) => (edgesMm[at] ?? 0) - (partsMm[at] ?? 0) > STRETCHED_MM)
    .reduce((total, at) => total + (partsMm[at] ?? 0), 0);
  return sum > 0 ? sum : null;
}
