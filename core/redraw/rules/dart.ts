import {
  call,
  type Draft,
  edgeLength,
  lengthNearest,
  type PieceEdge,
  type Point,
  pointOf,
} from "../../drafting/index.ts";
import type { Change } from "../../fitting/index.ts";
import { NO_APEX, withApex } from "./point.ts";
import { type Drawn, instead } from "./rule.ts";
import { solvedBy } from "./solved.ts";

/** A bust dart comes out of the side this far below the apex, so that it points up to it, mm; so far from both ends at the least. */
const [BELOW_MM, FROM_END_MM] = [30, 25];

/** A sewn point stops this far before the apex, mm: 12 small, 25 full or stiff; the middle, to be moved at the next fitting. */
const STOP_MM = 20;

/**
 * A gape becomes a dart: pinched where the edge that gapes lies nearest to the apex, turned about it, opened in the side seam. There the edge
 * runs square to the wedge; trued, it comes out shorter by just the pinch.
 */
export function drawDart({ spot }: Pick<Change, "spot">, draft: Draft, widthMm: number): Drawn {
  const piece = withApex(draft);
  const apex = piece && pointOf(piece, "apex");
  if (!apex) return NO_APEX;
  const [gaping, side] = [spot === "underarm" ? "armhole" : spot, "side"].map((id) =>
    piece.edges.find((edge) => edge.id === id),
  );
  if (!gaping || !side)
    return instead(`By hand: a gape there is not on the ${piece.name.toLowerCase()}. Work the dart out at Cups.`);
  const whole = edgeLength(gaping);
  const nearest = lengthNearest(gaping.lines, apex);
  const [least, most] = [FROM_END_MM + widthMm, whole - FROM_END_MM - widthMm];
  const at = least > most ? whole / 2 : Math.min(most, Math.max(least, nearest));
  return solvedBy({
    draft,
    landing: {
      ...{ piece: piece.id, measure: "edge", of: gaping.id, byMm: -widthMm },
      cut: { line: `${gaping.id}, a dart to the apex, opened in the side seam`, doing: "takeIn", edges: 2 },
    },
    callOf: (amount) =>
      call("dart", {
        ...{ piece: piece.id, edge: gaping.id, at, width: Math.abs(amount) },
        ...{ point: "apex", into: side.id, intoAt: mouthAt(apex, side), stop: STOP_MM },
      }),
    byHand: `By hand: no dart from the ${gaping.id} to the apex takes just ${widthMm.toFixed(1)} mm on the ${piece.name.toLowerCase()}. Fold it out as a wedge.`,
  });
}

/** Where the dart goes into the side, mm along it. */
function mouthAt(apex: Point, side: PieceEdge): number {
  const whole = edgeLength(side);
  const beside = lengthNearest(side.lines, { x: far(side), y: apex.y + BELOW_MM });
  return Math.min(whole - FROM_END_MM, Math.max(FROM_END_MM, beside));
}

/** How far out a side reaches, mm. */
const far = ({ lines }: PieceEdge): number => Math.max(...lines.map(({ to }) => to.x));
