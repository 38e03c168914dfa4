/**
 * Reads a table of straight lines: between two points along the line through them, flat outside.
 *
 * @param points (x, y) pairs with rising x, at least one.
 */
export function readStraightLine(points: readonly (readonly [number, number])[], x: number): number {
  const next = points.findIndex(([at]) => x <= at);
  const [lastX, lastY] = points[points.length - 1] as readonly [number, number];
  if (next === -1 || x >= lastX) return lastY;
  const [highX, highY] = points[next] as readonly [number, number];
  const before = points[next - 1];
  if (!before) return highY;
  const [lowX, lowY] = before;
  return lowY + ((highY - lowY) * (x - lowX)) / (highX - lowX);
}
