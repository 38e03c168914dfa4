/** Of which prototype the pieces are asked for: the newest, where none is; of none, where they are wanted as the plan has them. */
export type AskedPieces = number | "plan" | null;

/** Where an address says whose pieces a page goes by. */
const OF = "pieces";

/** Reads from the address of a request which pieces are asked for. */
export function askedPieces({ url }: Pick<Request, "url">): AskedPieces {
  const of = new URL(url).searchParams.get(OF);
  if (of === "plan") return "plan";
  const number = Number(of);
  return of !== null && Number.isInteger(number) && number > 0 ? number : null;
}

/**
 * Wraps an action of a page that goes by pieces: who is sent back to the page stays with the pieces that were looked at, and does not find
 * those of the newest prototype in their place.
 */
export const keepingPieces =
  <Args extends { readonly request: Request }, Answer>(action: (args: Args) => Promise<Answer>) =>
  async (args: Args): Promise<Answer | Response> => {
    const here = new URL(args.request.url);
    const answer = await action(args);
    const of = here.searchParams.get(OF);
    const to = answer instanceof Response ? answer.headers.get("Location") : null;
    if (!(answer instanceof Response) || of === null || to === null) return answer;
    const next = new URL(to, here);
    if (next.pathname !== here.pathname.replace(/\.data$/, "") || next.searchParams.has(OF)) return answer;
    next.searchParams.set(OF, of);
    const headers = new Headers(answer.headers);
    headers.set("Location", `${next.pathname}${next.search}${next.hash}`);
    return new Response(null, { status: answer.status, headers });
  };
