import type { DartWorking } from "../cups/index.ts";
import {
  call,
  type Draft,
  distance,
  edgeLength,
  type Piece,
  type PieceEdge,
  type Point,
  placeAlong,
  pointOf,
} from "../drafting/index.ts";
import { NO_APEX, withApex } from "./rules/point.ts";
import { type Drawn, instead } from "./rules/rule.ts";

/** An edge is looked along in so many steps for the place that lies as far from the apex as was measured. */
const STEPS = 200;

/** A mouth keeps this far from both ends of its seam, mm. */
const FROM_END_MM = 25;

/**
 * The dart that was worked out from a gape, on the piece that has an apex: pinched where the edge lies as far from the apex as was
 * measured, opened in the seam that was named.
 * @returns the operation; or what is missing, or which edge the words do not name.
 */
export function dartFromGape(draft: Draft, working: DartWorking): Drawn {
  const { from, into, widthMm, toApexMm, newToApexMm, stopMm } = working;
  const piece = withApex(draft);
  const apex = piece && pointOf(piece, "apex");
  if (!apex) return NO_APEX;
  if (widthMm === null || toApexMm === null || newToApexMm === null)
    return instead("It is drawn on the piece once gape, edge and seam are measured.");
  const [gaping, seam] = [edgeNamed(piece, from), edgeNamed(piece, into)];
  if (!gaping || !seam || gaping === seam)
    return instead(
      `To draw it on the ${piece.name.toLowerCase()}, name its edges: ${piece.edges.map(({ id }) => id).join(", ")}. “${from}” and “${into}” do not name two of them.`,
    );
  return {
    calls: [
      call("dart", {
        ...{ piece: piece.id, edge: gaping.id, at: placeAway(gaping, apex, toApexMm, widthMm), width: widthMm },
        ...{ point: "apex", into: seam.id, intoAt: placeAway(seam, apex, newToApexMm, FROM_END_MM), stop: stopMm ?? 0 },
      }),
    ],
    lands: [],
  };
}

/** The edge of a piece that words speak of: “side seam” is its side. */
const edgeNamed = ({ edges }: Piece, words: string): PieceEdge | undefined =>
  edges.find(({ id, finish }) => finish !== "fold" && new RegExp(`\\b${id}\\b`, "i").test(words));

/** How far along an edge, so far from its ends, the place lies that is nearest to a distance from the apex, mm; of two the one nearer to the middle. */
function placeAway(edge: PieceEdge, apex: Point, awayMm: number, fromEndMm: number): number {
  const whole = edgeLength(edge);
  const [middle, reach] = [whole / 2, Math.max(0, whole / 2 - fromEndMm)];
  let [best, off] = [middle, Number.POSITIVE_INFINITY];
  // From the middle outward, to either side.
  for (let step = 0; step <= STEPS; step += 1) {
    for (const mm of [middle + (step / STEPS) * reach, middle - (step / STEPS) * reach]) {
      const place = placeAlong(edge.lines, mm);
      const differs = place ? Math.abs(distance(place, apex) - awayMm) : Number.POSITIVE_INFINITY;
      if (differs < off) [best, off] = [mm, differs];
    }
  }
  return best;
}
