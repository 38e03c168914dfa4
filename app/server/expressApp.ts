import { createRequestHandler } from "@react-router/express";
import compression from "compression";
import express, { type Express, type NextFunction, type Request, type Response } from "express";
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
  app.use(
    createRequestHandler({
      build: () => import("virtual:react-router/server-build") as unknown as Promise<ServerBuild>,
      getLoadContext: (_request, response) => {
        const context = new RouterContextProvider();
        context.set(storeContext, store);
        context.set(nonceContext, String(response.locals.nonce));
        return context;
      },
    }),
  );
  app.use((error: unknown, _request: Request, response: Response, _next: NextFunction) => {
    const reference = logUnexpected(error, "server");
    response.status(500).type("text/plain").send(`Something went wrong. Reference ${reference}.`);
  });
  return app;
}
