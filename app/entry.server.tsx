import { PassThrough } from "node:stream";
import { text } from "node:stream/consumers";
import { CacheProvider } from "@emotion/react";
import { renderToPipeableStream } from "react-dom/server";
import {
  type EntryContext,
  type HandleErrorFunction,
  isRouteErrorResponse,
  type RouterContextProvider,
  ServerRouter,
} from "react-router";
import { nonceContext } from "./.server/http/context.ts";
import { logUnexpected } from "./.server/http/logUnexpected.ts";
import { plainFailure } from "./.server/http/plainFailure.ts";
import { baseStyles } from "./theme/baseStyles.server.tsx";
import { NonceContext } from "./theme/NonceContext.ts";
import { collectedStyles, styleCache } from "./theme/styleCache.ts";

/** Logs what no loader or action has already turned into a page with a reference. */
export const handleError: HandleErrorFunction = (error, { request }) => {
  if (request.signal.aborted || isRouteErrorResponse(error)) return;
  if (plainFailure(error)) return;
  logUnexpected(error, `${request.method} ${new URL(request.url).pathname}`);
};

/**
 * Renders a page whole before sending it: loaders wait for all data, so nothing would be streamed later, and the
 * collected styles can stand in the head, where they belong.
 */
export default async function handleRequest(
  request: Request,
  status: number,
  headers: Headers,
  routerContext: EntryContext,
  context: RouterContextProvider,
): Promise<Response> {
  headers.set("Content-Type", "text/html; charset=utf-8");
  if (request.method === "HEAD") return new Response(null, { status, headers });
  const nonce = context.get(nonceContext);
  const cache = styleCache(nonce);
  cache.compat = true;
  const page = await renderWhole(
    <NonceContext.Provider value={nonce}>
      <CacheProvider value={cache}>
        <ServerRouter context={routerContext} url={request.url} nonce={nonce} />
      </CacheProvider>
    </NonceContext.Provider>,
    nonce,
  );
  const styles = `<link rel="stylesheet" href="${baseStyles().address}">${collectedStyles(cache)}`;
  return new Response(page.replace("</head>", `${styles}</head>`), { status, headers });
}

function renderWhole(element: React.ReactElement, nonce: string): Promise<string> {
  return new Promise((resolve, reject) => {
    const { pipe } = renderToPipeableStream(element, {
      nonce,
      onAllReady: () => resolve(text(pipe(new PassThrough()))),
      onShellError: reject,
      // Whoever asked is told, and the log gets it by reference: not a second time, in its own words.
      onError: () => undefined,
    });
  });
}
