/** What has no place in a file of lines: whatever runs, loads or leads out. No two parts of a pattern may take the same blanks: it would try all ways to share them. */
const ACTIVE: readonly (readonly [found: RegExp, what: string])[] = [
  [/<!DOCTYPE|<!ENTITY/i, "a document type of its own"],
  [/<\s*(?:[\w-]+:)?script\b/i, "a script"],
  [/<\s*(?:[\w-]+:)?foreignObject\b/i, "a foreign object"],
  [/<\s*(?:[\w-]+:)?(?:image|iframe|embed|object|audio|video)\b/i, "something embedded"],
  [/\son[a-z]+\s*=/i, "something that runs when it is shown"],
  [/\b(?:xlink:)?href\s*=\s*(?:["']\s*)?(?!#)[^"'\s>]/i, "a link out"],
  [/url\(\s*(?:["']\s*)?(?!#)[^)"'\s]/i, "a link out"],
  [/@import\b/i, "a link out"],
  [/javascript:/i, "a script"],
];

/** The first part of a file that is more than drawn lines, with its line; null where there is none. */
export function activePart(text: string): { readonly line: number; readonly what: string } | null {
  const found = ACTIVE.flatMap(([pattern, what]) => {
    const at = text.search(pattern);
    return at === -1 ? [] : [{ at, what }];
  }).toSorted((a, b) => a.at - b.at)[0];
  return found ? { line: text.slice(0, found.at).split("\n").length, what: found.what } : null;
}
