import { distance, placeAlong } from "../../geometry/index.ts";
import { type Dart, edgeLength, type Piece, pointOf } from "../piece.ts";
import { pinchOf } from "./pinch.ts";

/** Why a dart cannot be drawn on its piece; null where it can. */
export function dartFault(piece: Piece, dart: Dart): string | null {
  const [gaping, seam] = [
    piece.edges.find(({ id }) => id === dart.edge),
    piece.edges.find(({ id }) => id === dart.into),
  ];
  const about = pointOf(piece, dart.point);
  if (!gaping || !seam || gaping === seam)
    return `Expected two edges of ${piece.id} (${piece.edges.map(({ id }) => id).join(", ")}), but got “${dart.edge}” and “${dart.into}”.`;
  if (!about)
    return `Expected ${piece.id} to have the point ${dart.point}: ${(piece.points ?? []).map(({ id }) => id).join(", ") || "none is marked on it: place the apex first"}.`;
  if (gaping.finish === "fold" || seam.finish === "fold")
    return "Expected a dart to go from one edge to another, neither on the fold.";
  const pinch = pinchOf(gaping.lines, about, dart);
  const length = edgeLength(gaping);
  if (!pinch || pinch.fromMm < 1 || pinch.toMm > length - 1)
    return `Expected the pinch of ${dart.widthMm.toFixed(1)} mm within ${dart.edge} of ${piece.id}, which is ${length.toFixed(0)} mm long, but its middle is at ${dart.atMm.toFixed(0)} mm.`;
  const across = dart.lengthens ? placeAlong(gaping.lines, dart.atMm) : null;
  const whole = edgeLength(seam);
  if (dart.intoMm < 1 || dart.intoMm > whole - 1)
    return `Expected the dart within ${dart.into} of ${piece.id}, 0 to ${whole.toFixed(0)} mm along it, but it goes in at ${dart.intoMm.toFixed(0)} mm.`;
  const mouth = placeAlong(seam.lines, dart.intoMm);
  const depth = mouth ? distance(about, mouth) : 0;
  if (across && mouth && dart.widthMm >= distance(across, mouth))
    return `Expected a dart narrower than ${piece.id} is across there, ${distance(across, mouth).toFixed(0)} mm, but it is ${dart.widthMm.toFixed(1)} mm wide.`;
  return dart.stopMm < depth
    ? null
    : `Expected the point to stop less than ${depth.toFixed(0)} mm before the ${dart.point}, where the dart begins, but it stops ${dart.stopMm.toFixed(0)} mm before it.`;
}
