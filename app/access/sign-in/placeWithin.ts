/** Stands for our own origin, whichever it is: a name nobody can have. */
const HERE = "http://here.invalid";

/**
 * A place of this application to go on to: path, question and mark of an address, nothing else of it; the front page where something else
 * was asked for.
 */
export function placeWithin(to: string): string {
  const place = partsWithin(to);
  // Read once more, as a browser will: of `/.//elsewhere` nothing but `//elsewhere` is left by then.
  return place !== null && partsWithin(place) === place ? place : "/";
}

/** What follows the origin of an address that starts at our own; null for one that leads elsewhere or is none. */
function partsWithin(to: string): string | null {
  if (!to.startsWith("/") || !URL.canParse(to, HERE)) return null;
  const { origin, pathname, search, hash } = new URL(to, HERE);
  return origin === HERE ? `${pathname}${search}${hash}` : null;
}
