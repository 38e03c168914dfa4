import { fail, ok, type Result } from "../../../result.ts";
import { curved, type Edge, lengthOfEdges, point } from "../../geometry/index.ts";

/** A quarter of an ellipse as one cubic: its handles are this part of the half axes (off by less than three parts in ten thousand). */
const QUARTER = (4 / 3) * (Math.SQRT2 - 1);

/** The line is as long as asked within this, mm. */
const MET_MM = 1e-4;

/**
 * The line a wire or a band runs along below a cup: half an ellipse from its inner tip at the origin down and up to its outer one, as
 * long as the edge of the cup that meets it.
 *
 * @param tipsMm straight from tip to tip, as it is worn.
 * @param lengthMm along it.
 * @returns it; or `tips-too-far` where the cup's edge is no longer than the way straight across.
 */
export function wireLine(tipsMm: number, lengthMm: number): Result<Edge[]> {
  const half = tipsMm / 2;
  const line = (depth: number): Edge[] => [
    curved(point(0, 0), point(0, QUARTER * depth), point(half * (1 - QUARTER), depth), point(half, depth)),
    curved(point(half, depth), point(half * (1 + QUARTER), depth), point(tipsMm, QUARTER * depth), point(tipsMm, 0)),
  ];
  if (lengthMm <= lengthOfEdges(line(half / 10)))
    return fail(
      "tips-too-far",
      `Expected the tips of the wire to be clearly nearer than the cup's lower edge is long, ${lengthMm.toFixed(0)} mm, but they are ${tipsMm.toFixed(0)} mm apart: is it a wire of another size?`,
    );
  let [low, high] = [0, lengthMm];
  let depth = half;
  for (;;) {
    depth = (low + high) / 2;
    const off = lengthOfEdges(line(depth)) - lengthMm;
    if (Math.abs(off) <= MET_MM || high - low < MET_MM / 10) return ok(line(depth));
    if (off < 0) low = depth;
    else high = depth;
  }
}
