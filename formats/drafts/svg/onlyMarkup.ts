/** Parts of a file that hold no elements: how each ends, by how it begins. */
const SILENT_PARTS: Readonly<Record<string, string>> = { "<!--": "-->", "<![CDATA[": "]]>" };

/**
 * A file without its comments and its passages of plain text, which draw nothing: what reads elements would go through a passage again
 * for each of its signs, and take what stands in a comment for elements.
 * @returns null where one of them does not end.
 */
export function onlyMarkup(text: string): string | null {
  const begins = /<!--|<!\[CDATA\[/g;
  const kept: string[] = [];
  let at = 0;
  for (let found = begins.exec(text); found; found = begins.exec(text)) {
    const [begin] = found;
    const end = SILENT_PARTS[begin] ?? "";
    const until = text.indexOf(end, found.index + begin.length);
    if (until === -1) return null;
    kept.push(text.slice(at, found.index));
    at = until + end.length;
    begins.lastIndex = at;
  }
  return kept.join("") + text.slice(at);
}
