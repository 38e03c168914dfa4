import { data } from "react-router";
import { logUnexpected } from "./logUnexpected.ts";

/** What the error page shows of an unexpected error. */
export interface ReferencedError {
  readonly reference: string;
}

/**
 * Wraps a loader or an action: what it throws on purpose (redirects, 404s) passes; anything else is logged with a
 * reference, and the page shows that reference instead of the cause.
 */
export function guarded<Args extends { request: Request }, Answer>(
  handler: (args: Args) => Promise<Answer>,
): (args: Args) => Promise<Answer> {
  return async (args) => {
    try {
      return await handler(args);
    } catch (thrown) {
      if (thrown instanceof Response || isData(thrown)) throw thrown;
      const { method, url } = args.request;
      throw data({ reference: logUnexpected(thrown, `${method} ${new URL(url).pathname}`) }, { status: 500 });
    }
  };
}

const isData = (thrown: unknown): boolean =>
  typeof thrown === "object" && thrown !== null && (thrown as { type?: unknown }).type === "DataWithResponseInit";
