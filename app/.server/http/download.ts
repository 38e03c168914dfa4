/** Name of a file made from words: small letters and dashes only. */
export const fileName = (words: string, ending: string): string =>
  `${
    words
      .toLowerCase()
      .normalize("NFKD")
      .replace(/[^a-z0-9]+/g, "-")
      .replace(/^-|-$/g, "")
      .slice(0, 60) || "stenz"
  }.${ending}`;

const TYPES = {
  csv: "text/csv; charset=utf-8",
  json: "application/json; charset=utf-8",
  pdf: "application/pdf",
  svg: "image/svg+xml; charset=utf-8",
  dxf: "image/vnd.dxf",
  crt: "application/x-x509-ca-cert",
} as const;

/** Answers with a file to be kept. */
export function download(
  content: string | Uint8Array<ArrayBuffer>,
  words: string,
  ending: keyof typeof TYPES,
): Response {
  return new Response(content, {
    headers: {
      "Content-Type": TYPES[ending],
      "Content-Disposition": `attachment; filename="${fileName(words, ending)}"`,
      "Cache-Control": "no-store",
    },
  });
}
