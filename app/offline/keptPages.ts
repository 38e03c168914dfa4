/** Header in which the server says what the pages a browser keeps stand under; see `.server/access/keptUnder.ts`. */
export const KEPT_UNDER = "Stenz-Kept-Under";

/** What stands there for somebody who is not let in: nothing is kept. */
export const NOBODY = "nobody";

/** The browser's store of kept pages. */
export const PAGES = "stenz-pages";

/** Where the page stands that comes up in place of one that is not kept. */
export const WITHOUT_NETWORK = "/without-network";

/** The address of a page behind that of its data: `/jobs/3.data` is of `/jobs/3`, `/_.data` of the bench. */
export const pageOf = (path: string): string => path.replace(/(?:\/_)?\.data$/, "") || "/";

const KEPT = /^\/(?:jobs\/\d+(?:\/.*)?|fittings)?$/;

/** True for a page that is kept on the device that opened it: the bench, its fittings, and what lies under a job. */
export const isKeptPage = (path: string): boolean => KEPT.test(pageOf(path));

/** A page that is kept, as the list of them shows it. */
export interface KeptPage {
  readonly path: string;
  /** As it stands in the head of the page. */
  readonly title: string;
  /** When the server made it (ISO). */
  readonly madeAt: string;
}

/** When the server made an answer (ISO); null where it does not say. */
export function madeAt(response: Response): string | null {
  const date = Date.parse(response.headers.get("Date") ?? "");
  return Number.isNaN(date) ? null : new Date(date).toISOString();
}

/** True for an answer that is a page, not what one asks for. */
const isPage = (response: Response): boolean => /^text\/html/.test(response.headers.get("Content-Type") ?? "");

/** So far into a page its title stands, bytes. */
const HEAD_BYTES = 4096;

/** Every page this browser keeps, the newest first; none where it cannot keep any. */
export async function keptPages(stores: CacheStorage | undefined): Promise<KeptPage[]> {
  if (!stores || !(await stores.has(PAGES))) return [];
  const pages = await stores.open(PAGES);
  const found = await Promise.all(
    (await pages.keys()).map(async (request): Promise<KeptPage | null> => {
      const response = await pages.match(request);
      const time = response && madeAt(response);
      if (!response || !time || !isPage(response)) return null;
      const { pathname, search } = new URL(request.url);
      return { path: pathname + search, title: (await titleOf(response)) || pathname, madeAt: time };
    }),
  );
  return found.filter((page) => page !== null).sort((one, other) => other.madeAt.localeCompare(one.madeAt));
}

async function titleOf(response: Response): Promise<string> {
  const head = await (await response.blob()).slice(0, HEAD_BYTES).text();
  return new DOMParser().parseFromString(head, "text/html").title;
}

/** Drops every page this browser keeps. */
export async function dropKeptPages(stores: CacheStorage | undefined): Promise<void> {
  await stores?.delete(PAGES);
}

/** The stores of this browser; none where it came by an address that is not safe, or keeps nothing. */
export const keptStores = (): CacheStorage | undefined => (typeof caches === "undefined" ? undefined : caches);
