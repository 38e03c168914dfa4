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
  const parts = edgesMm.map((edgeMm, at) => {
    const madeMm = partsMm[at];
    if (madeMm === undefined) throw new RangeError("An elastic is made in the parts of its edge, or whole.");
    return { edgeMm, madeMm };
  });
  const asked = seen.spot === "legFront" ? parts.slice(0, 1) : seen.spot === "legBack" ? parts.slice(-1) : parts;
  const sum = asked
    .filter(({ edgeMm, madeMm }) => edgeMm - madeMm > STRETCHED_MM)
    .reduce((total, { madeMm }) => total + madeMm, 0);
  return sum > 0 ? sum : null;
}
