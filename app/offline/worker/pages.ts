import { ExpirationPlugin } from "workbox-expiration";
import { NetworkFirst } from "workbox-strategies";
import { dropKeptPages, isKeptPage, KEPT_UNDER, madeAt, NOBODY, PAGES, WITHOUT_NETWORK } from "../keptPages.ts";

/** So many addresses are kept, pages and their data and pictures; and for so long, s: no longer than a fitting is put off. */
const [MOST, LONGEST_S] = [200, 14 * 24 * 3600];

/** A server that takes longer than this is taken for one that does not answer, where the page is kept, s. */
const PATIENCE_S = 8;

/** Where the mark stands that the kept pages stand under. */
const MARK = "/kept-under";

/** What is kept of a page: itself, its data, its pictures; no file one takes away. */
const KEPT_TYPES = /^(?:text\/html|text\/x-script|image\/)/;

/** What the pages tell of how they went. */
export interface PagesTold {
  /** The server did not answer a page that is open, or one that is being opened: what is kept came instead, if anything. */
  readonly onKept: (page: { readonly id: string; readonly opening: boolean }, madeAt: string | null) => void;
}

/** The pages of this device: from the server while it answers, and then kept; from what is kept where it does not. */
export function keptPagesOf({ onKept }: PagesTold) {
  const expiry = new ExpirationPlugin({ maxEntries: MOST, maxAgeSeconds: LONGEST_S, purgeOnQuotaError: true });

  /** Pages that stand under something else than the answer that just came were another's, or hold what was erased. */
  async function standUnder(mark: string | null): Promise<void> {
    if (mark === null) return;
    const before = await (await caches.open(PAGES)).match(MARK);
    if ((await before?.text()) === mark) return;
    await expiry.deleteCacheAndMetadata();
    await dropKeptPages(caches);
    if (mark !== NOBODY) await (await caches.open(PAGES)).put(MARK, new Response(mark));
  }

  const strategy = new NetworkFirst({
    cacheName: PAGES,
    networkTimeoutSeconds: PATIENCE_S,
    plugins: [
      {
        fetchDidSucceed: async ({ response }) => {
          await standUnder(response.headers.get(KEPT_UNDER));
          return response;
        },
        cacheWillUpdate: async ({ request, response }) => (isKept(request, response) ? response : null),
        cachedResponseWillBeUsed: async ({ cachedResponse, event }) => {
          if (cachedResponse) onKept(pageBehind(event), madeAt(cachedResponse));
          return cachedResponse;
        },
        handlerDidError: async ({ request, event }) => {
          onKept(pageBehind(event), null);
          return request.mode === "navigate" ? elsewhere(request) : undefined;
        },
      },
      expiry,
    ],
  });
  return {
    /** True for a request of a page, its data or its pictures. */
    isOne: (request: Request, url: URL): boolean =>
      request.method === "GET" &&
      (request.mode === "navigate" ||
        url.pathname.endsWith(".data") ||
        (request.destination === "image" && isKeptPage(url.pathname))),
    answer: (request: Request, event: ExtendableEvent) => strategy.handle({ request, event }),
    /** Fetches a page whole and keeps it: it was reached by its data, and could not come up by itself. */
    async keep(address: string, event: ExtendableEvent): Promise<void> {
      const request = new Request(address, { headers: { Accept: "text/html" } });
      const [, done] = strategy.handleAll({ request, event });
      await done.catch(() => undefined);
    },
  };
}

const isKept = (request: Request, response: Response): boolean =>
  response.status === 200 &&
  !response.redirected &&
  isKeptPage(new URL(request.url).pathname) &&
  KEPT_TYPES.test(response.headers.get("Content-Type") ?? "") &&
  response.headers.get(KEPT_UNDER) !== NOBODY;

/** The page an answer is for: that which is being opened, or that which asks. */
function pageBehind(event: ExtendableEvent | undefined): { readonly id: string; readonly opening: boolean } {
  const { resultingClientId = "", clientId = "" } = (event ?? {}) as Partial<FetchEvent>;
  return { id: resultingClientId || clientId, opening: resultingClientId !== "" };
}

/** To the page that says what is kept, with the address that was asked for. */
function elsewhere(request: Request): Response {
  const { origin, pathname, search } = new URL(request.url);
  return Response.redirect(`${origin}${WITHOUT_NETWORK}#${pathname}${search}`, 302);
}
