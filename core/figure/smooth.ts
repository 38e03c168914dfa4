/** A point of the drawing field. */
export type Point = readonly [x: number, y: number];

/** One smooth curve through all points (Catmull–Rom, as cubic Béziers). */
export function smooth(points: readonly Point[]): string {
  const at = (index: number) => points[Math.max(0, Math.min(points.length - 1, index))] as Point;
  const parts = points.slice(1).map((end, index) => {
    const [before, start, after] = [at(index - 1), at(index), at(index + 2)];
    const out = [start[0] + (end[0] - before[0]) / 6, start[1] + (end[1] - before[1]) / 6];
    const into = [end[0] - (after[0] - start[0]) / 6, end[1] - (after[1] - start[1]) / 6];
    return `C ${[...out, ...into, ...end].map((value) => value.toFixed(1)).join(" ")}`;
  });
  return `M ${at(0).join(" ")} ${parts.join(" ")}`;
}
