import { createRequestHandler } from "@react-router/express";
import compression from "compression";
import express, { type Express, type NextFunction, type Request, type RequestHandler, type Response } from "express";
import { RouterContextProvider, type ServerBuild } from "react-router";
import type { AccessStore } from "../../../data/access/index.ts";
import { baseStyles } from "../../theme/baseStyles.server.tsx";
import { accessContext, addressContext } from "../access/visitor.ts";
import type { HeldStore } from "../keeping/heldStore.ts";
import { type Keeper, keeperContext } from "../keeping/keeper.ts";
import { type SharingSwitch, sharingContext } from "../sharing/sharingSwitch.ts";
import { fromThisMachineContext, leaveStoreContext, nonceContext, storeContext, storeNowContext } from "./context.ts";
import { isLoopback, type KnowsHost } from "./hosts.ts";
import { limitBody } from "./limitBody.ts";
import { limitRate } from "./limitRate.ts";
import { logUnexpected } from "./logUnexpected.ts";
import type { RequestLog } from "./requestLog.ts";
import { neverCached, refuseForeignRequests, securityHeaders } from "./security.ts";

/** What the web application is served with. */
export interface ServingOptions {
  readonly held: HeldStore;
  readonly access: AccessStore;
  /** Folder of the built client files; null in development, where Vite serves them. */
  readonly clientFolder: string | null;
  /** The names it answers to. */
  readonly knowsHost: KnowsHost;
  /** True where it is reached over a network: nobody who comes this way is taken for this machine, whatever their address. */
  readonly shared?: boolean;
  /** How the workshop is shared over the network: started and stopped from its page. */
  readonly sharing?: SharingSwitch;
  /** Takes backups and restores them; left out where nothing is kept up. */
  readonly keeper?: Keeper;
  /** Writes down how requests went. */
  readonly log?: RequestLog;
}

/** The Express application around the routes. */
export function expressApp(options: ServingOptions): Express {
  const { clientFolder, knowsHost, shared = false } = options;
  const app = express();
  app.disable("x-powered-by");
  if (options.log) app.use(options.log.middleware);
  // Even a refusal carries the headers.
  app.use(...securityHeaders(), refuseForeignRequests(knowsHost), limitBody(), compressed());
  if (clientFolder) {
    app.use("/assets", express.static(`${clientFolder}/assets`, { immutable: true, maxAge: "1y" }));
    app.use(express.static(clientFolder, { maxAge: "1h" }));
  }
  const { address, css } = baseStyles();
  app.get(address, (_request, response) => {
    response.set("Cache-Control", "public, max-age=31536000, immutable").type("text/css").send(css);
  });
  if (shared) app.use(limitRate());
  app.use(neverCached, pages(options));
  app.use((error: unknown, _request: Request, response: Response, _next: NextFunction) => {
    if (response.headersSent) return;
    const refused = refusedByParser(error);
    if (refused) response.status(refused).type("text/plain").send("The request cannot be read.");
    else {
      const reference = logUnexpected(error, "server");
      response.status(500).type("text/plain").send(`Something went wrong. Reference ${reference}.`);
    }
  });
  return app;
}

/** Compresses what goes over a network; on the machine itself nothing is gained, and a page would take twice as long. */
const compressed = (): RequestHandler =>
  compression({
    level: 4,
    filter: (request: Request, response: Response) =>
      !isLoopback(plainAddress(request.socket.remoteAddress)) && compression.filter(request, response),
  });

/** The status of what the web server itself could not read, such as an address with broken escapes. */
function refusedByParser(error: unknown): number | null {
  const { status } = error as { status?: unknown };
  return typeof status === "number" && status >= 400 && status < 500 ? status : null;
}

const serverBuild = () => import("virtual:react-router/server-build") as unknown as Promise<ServerBuild>;

/**
 * The pages. A build given as a function is taken apart anew at every request, which development needs to see changes;
 * otherwise it is loaded once, and every request is some milliseconds faster.
 */
function pages({ held, access, clientFolder, shared = false, sharing, keeper }: ServingOptions): RequestHandler {
  const handlerFor = (build: ServerBuild | typeof serverBuild): RequestHandler =>
    createRequestHandler({
      build,
      getLoadContext: async (request, response) => {
        const context = new RouterContextProvider();
        const leave = held.enter();
        response.once("close", leave);
        context.set(leaveStoreContext, leave);
        context.set(storeContext, await held.ready());
        context.set(storeNowContext, () => held.ready());
        if (keeper) context.set(keeperContext, keeper);
        context.set(nonceContext, String(response.locals.nonce));
        const address = plainAddress(request.socket.remoteAddress);
        context.set(accessContext, access);
        if (sharing) context.set(sharingContext, sharing);
        context.set(addressContext, address);
        context.set(fromThisMachineContext, !shared && isLoopback(address));
        return context;
      },
    });
  let loading: Promise<RequestHandler> | null = null;
  if (clientFolder === null) return handlerFor(serverBuild);
  return async (request, response, next) => {
    loading ??= serverBuild().then(handlerFor);
    return (await loading)(request, response, next);
  };
}

/** An IPv4 address that came over an IPv6 socket is the IPv4 address. */
const plainAddress = (address: string | undefined): string => (address ?? "").replace(/^::ffff:/, "");
