import { PAGES_HEADER } from "../../pieces/printPages.ts";

/** The object a page of a PDF begins with; each is counted as it arrives. */
const PAGE = "/Type /Page\n";

/**
 * Fetches a print, telling after each part that arrives how many of its pages are there.
 * @param onPage told how many of how many; null where the server did not say.
 * @returns the file and its name.
 * @throws Error where it was refused, or ended before it was whole.
 */
export async function fetchPrint(
  address: string,
  signal: AbortSignal,
  onPage: (done: number, all: number | null) => void,
): Promise<{ readonly file: Blob; readonly name: string }> {
  const answer = await fetch(address, { signal });
  if (!answer.ok || !answer.body) throw new Error(`The print was answered with ${answer.status}.`);
  const told = Number(answer.headers.get(PAGES_HEADER));
  const all = told > 0 ? told : null;
  const chunks: Uint8Array<ArrayBuffer>[] = [];
  const reader = answer.body.getReader();
  let [done, rest] = [0, ""];
  for (let part = await reader.read(); !part.done; part = await reader.read()) {
    const chunk = new Uint8Array(part.value);
    chunks.push(chunk);
    // A page's object may be cut in two between chunks: what may be its beginning is kept.
    const text = rest + new TextDecoder("latin1").decode(chunk);
    done += text.split(PAGE).length - 1;
    rest = text.slice(-(PAGE.length - 1));
    onPage(done, all);
  }
  const [, name = "pieces.pdf"] = /filename="([^"]+)"/.exec(answer.headers.get("Content-Disposition") ?? "") ?? [];
  return { file: new Blob(chunks, { type: "application/pdf" }), name };
}
