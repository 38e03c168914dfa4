/** A place in space, mm: x outward from the centre front, y down, z away from the chest. */
export interface Place3 {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

/** How far two places lie apart, mm. */
export const apart = (a: Place3, b: Place3): number => Math.hypot(a.x - b.x, a.y - b.y, a.z - b.z);

/** Length of a line through places, mm. */
export const lengthThrough = (places: readonly Place3[]): number =>
  places.slice(1).reduce((sum, place, at) => sum + apart(places[at] ?? place, place), 0);
