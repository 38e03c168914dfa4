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

/** A bust dart comes out of the side this far below the apex, so that it points up to it, mm; so far from both ends at the least. */
const [BELOW_MM, FROM_END_MM] = [30, 25];

/** A sewn point stops this far before the apex, mm: 12 small, 25 full or stiff; the middle, to be moved at the next fitting. */
const STOP_MM = 20;

/** A gape becomes a dart: pinched in the middle of the edge that gapes, turned about the apex, opened in the side seam. */
export function drawDart({ spot }: Pick<Change, "spot">, draft: Draft, widthMm: number): Drawn {
  const piece = withApex(draft);
  const apex = piece && pointOf(piece, "apex");
  if (!apex) return NO_APEX;
  const [gaping, side] = [spot, "side"].map((id) => piece.edges.find((edge) => edge.id === id));
  if (!gaping || !side)
    return instead(`A gape there is not on the ${piece.name.toLowerCase()}: work the dart out at Cups.`);
  return {
    calls: [
      call("dart", {
        ...{ piece: piece.id, edge: gaping.id, at: edgeLength(gaping) / 2, width: widthMm },
        ...{ point: "apex", into: side.id, intoAt: mouthAt(apex, side), stop: STOP_MM },
      }),
    ],
  };
}

/** Where the dart goes into the side, mm along it. */
function mouthAt(apex: Point, side: PieceEdge): number {
  const whole = edgeLength(side);
  const beside = lengthNearest(side.lines, { x: far(side), y: apex.y + BELOW_MM });
  return Math.min(whole - FROM_END_MM, Math.max(FROM_END_MM, beside));
}

/** How far out a side reaches, mm. */
const far = ({ lines }: PieceEdge): number => Math.max(...lines.map(({ to }) => to.x));
