import createCache, { type EmotionCache } from "@emotion/cache";

/** Attribute that marks Stenz's style elements. */
const STYLE_KEY = "stz";

/** A cache of styles whose elements carry the response's nonce. One per request on the server, one in the browser. */
export function styleCache(nonce: string): EmotionCache {
  return createCache({ key: STYLE_KEY, ...(nonce ? { nonce } : {}) });
}

/** The styles a cache has met, each with its name. */
export const insertedStyles = (cache: EmotionCache): [name: string, css: string][] =>
  Object.entries(cache.inserted).filter((entry): entry is [string, string] => typeof entry[1] === "string");

/** All styles collected while rendering on the server, as one element for the head. */
export function collectedStyles(cache: EmotionCache): string {
  const entries = insertedStyles(cache);
  const names = entries.map(([name]) => name).join(" ");
  const nonce = cache.nonce ? ` nonce="${cache.nonce}"` : "";
  return `<style${nonce} data-emotion="${cache.key} ${names}">${entries.map(([, css]) => css).join("")}</style>`;
}
