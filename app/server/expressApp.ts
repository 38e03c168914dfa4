import { createRequestHandler } from "@react-router/express";
import compression from "compression";
import express, { type Express, type NextFunction, type Request, type RequestHandler, type Response } from "express";
import { RouterContextProvider, type ServerBuild } from "react-router";
import type { Store } from "../../data/store.ts";
import { nonceContext, storeContext } from "./context.ts";
import { logUnexpected } from "./logUnexpected.ts";
import { refuseForeignRequests, securityHeaders } from "./security.ts";

/** What the web application is served with. */
export interface ServingOptions {
  readonly store: Store;
  /** Folder of the built client files; null in development, where Vite serves them. */
  readonly clientFolder: string | null;
  /** True unless the maker opened the server to her network on purpose. */
  readonly loopbackOnly: boolean;
}

/** The Express application around the routes. */
export function expressApp({ store, clientFolder, loopbackOnly }: ServingOptions): Express {
  const app = express();
  app.disable("x-powered-by");
  app.use(refuseForeignRequests(loopbackOnly), compression());
  if (clientFolder) {
    app.use("/assets", express.static(`${clientFolder}/assets`, { immutable: true, maxAge: "1y" }));
    app.use(express.static(clientFolder, { maxAge: "1h" }));
  }
  app.use(...securityHeaders());
  app.use(pages(store, clientFolder === null));
  app.use((error: unknown, _request: Request, response: Response, _next: NextFunction) => {
    const reference = logUnexpected(error, "server");
    response.status(500).type("text/plain").send(`Something went wrong. Reference ${reference}.`);
  });
  return app;
}

const serverBuild = () => import("virtual:react-router/server-build") as unknown as Promise<ServerBuild>;

/**
 * The pages. A build given as a function is taken apart anew at every request, which development needs to see changes;
 * otherwise it is loaded once, and every request is some milliseconds faster.
 */
function pages(store: Store, developing: boolean): RequestHandler {
  const handlerFor = (build: ServerBuild | typeof serverBuild): RequestHandler =>
    createRequestHandler({
      build,
      getLoadContext: (_request, response) => {
        const context = new RouterContextProvider();
        context.set(storeContext, store);
        context.set(nonceContext, String(response.locals.nonce));
        return context;
      },
    });
  if (developing) return handlerFor(serverBuild);
  let loading: Promise<RequestHandler> | null = null;
  return async (request, response, next) => {
    loading ??= serverBuild().then(handlerFor);
    return (await loading)(request, response, next);
  };
}
