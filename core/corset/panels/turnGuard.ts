/** A place of a seam edge: so far down, and so far out of its straight line, mm. */
export type EdgePlace = readonly [downMm: number, outMm: number];

/** An edge that turns by more than this … */
export const MOST_TURN_MM = 22;
/** … within this height bubbles, mm. */
export const TURN_HEIGHT_MM = 100;

/**
 * The most an edge turns within {@link TURN_HEIGHT_MM} of its height, mm, and where that begins.
 *
 * Between its places an edge is taken as straight: the furthest turn of any stretch then begins or ends at a place.
 * @param places two or more, from the top down.
 */
export function mostTurn(places: readonly EdgePlace[]): { readonly mm: number; readonly fromMm: number } {
  const [top, bottom] = [places[0]?.[0] ?? 0, places.at(-1)?.[0] ?? 0];
  const within = (down: number) => down >= top && down <= bottom;
  let most = { mm: 0, fromMm: top };
  for (const [down] of places)
    for (const other of [down + TURN_HEIGHT_MM, down - TURN_HEIGHT_MM, ...places.map(([place]) => place)]) {
      if (!within(other) || Math.abs(other - down) > TURN_HEIGHT_MM) continue;
      const mm = Math.abs(outAt(places, other) - outAt(places, down));
      if (mm > most.mm) most = { mm, fromMm: Math.min(down, other) };
    }
  return most;
}

/** How far out an edge lies at a height, mm; straight between its places. */
function outAt(places: readonly EdgePlace[], down: number): number {
  const at = places.findIndex(([place]) => place >= down);
  const [below, above] = [places[at], places[at - 1]];
  if (!below) return places.at(-1)?.[1] ?? 0;
  if (!above) return below[1];
  const part = (down - above[0]) / (below[0] - above[0]);
  return above[1] + part * (below[1] - above[1]);
}
