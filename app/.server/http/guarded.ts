import { data } from "react-router";
import { logUnexpected } from "./logUnexpected.ts";
import { plainFailure } from "./plainFailure.ts";

/** What the error page shows of an error: a reference where nobody foresaw it, else what happened in plain words. */
export interface ToldError {
  readonly reference?: string;
  readonly message?: string;
}

/**
 * Wraps a loader or an action: what it throws on purpose (redirects, 404s) passes; a full disk and the like are told as
 * they are; anything else is logged with a reference, and the page shows that reference instead of the cause.
 */
export function guarded<Args extends { request: Request }, Answer>(
  handler: (args: Args) => Promise<Answer>,
): (args: Args) => Promise<Answer> {
  return async (args) => {
    try {
      return await handler(args);
    } catch (thrown) {
      if (thrown instanceof Response || isData(thrown)) throw thrown;
      const foreseen = plainFailure(thrown);
      if (foreseen) throw data<ToldError>({ message: foreseen.message }, { status: foreseen.status });
      // Nobody is there any more to be told.
      if (args.request.signal.aborted) throw data<ToldError>({}, { status: 400 });
      const { method, url } = args.request;
      throw data<ToldError>(
        { reference: logUnexpected(thrown, `${method} ${new URL(url).pathname}`) },
        { status: 500 },
      );
    }
  };
}

const isData = (thrown: unknown): boolean =>
  typeof thrown === "object" && thrown !== null && (thrown as { type?: unknown }).type === "DataWithResponseInit";
