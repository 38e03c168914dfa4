import type { ListQuery } from "../../data/lists/index.ts";

/** Longest search text looked at. */
const LONGEST_SEARCH = 120;

/** Reads search and page from an address; nonsense counts as the first page. */
export function listQuery(request: Request): ListQuery {
  const address = new URL(request.url).searchParams;
  const page = Number(address.get("page") ?? 1);
  return {
    search: (address.get("q") ?? "").trim().slice(0, LONGEST_SEARCH),
    page: Number.isSafeInteger(page) && page > 0 ? page : 1,
  };
}
