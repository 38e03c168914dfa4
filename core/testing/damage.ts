/** A place inside of something that can be written as JSON, by keys from the top down. */
export type Path = readonly string[];

/** Every place inside of a value. */
export const pathsOf = (value: unknown, at: Path = []): Path[] =>
  typeof value === "object" && value !== null
    ? Object.entries(value).flatMap(([key, inner]) => [[...at, key], ...pathsOf(inner, [...at, key])])
    : [];

/** A copy, as JSON would give it back, with another value in one place; with undefined the place is gone. */
export function put(thing: unknown, path: Path, value: unknown): unknown {
  const [last, ...before] = path.toReversed();
  if (last === undefined) return value;
  const copy = JSON.parse(JSON.stringify(thing));
  const holder = before.toReversed().reduce((inner, key) => inner[key], copy);
  if (value === undefined) delete holder[last];
  else holder[last] = value;
  return copy;
}
