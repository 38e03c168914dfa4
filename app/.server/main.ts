import { createServer, type RequestListener, type Server } from "node:http";
import { addDemoWorkshop } from "../../data/demo/index.ts";
import { openStore, type Store } from "../../data/store.ts";
import { closeGauges } from "./gauge/sharedGauge.ts";
import { expressApp } from "./http/expressApp.ts";
import { hostsOf, isLoopback } from "./http/hosts.ts";

export { addDemoWorkshop, expressApp, hostsOf, openStore };

/** How the server is started; see the README for the options behind it. */
export interface StartOptions {
  readonly host: string;
  /** Further names the server answers to, beside the machine's own. */
  readonly names: readonly string[];
  /** First port to try. */
  readonly port: number;
  /** How many following ports may be tried when one is taken; 0 for exactly this port. */
  readonly spare: number;
  readonly dataFile: string;
  readonly clientFolder: string;
  /** Fill an empty data file with the demo workshop. */
  readonly demo: boolean;
}

/** A running server. */
export interface Running {
  readonly address: string;
  /** What whoever started it must know; empty where nothing is out of the ordinary. */
  readonly warnings: readonly string[];
  /** Stops taking requests, finishes those under way, then closes the data file; within {@link PATIENCE_MS} or so. */
  stop(): Promise<void>;
}

/** Files and folders made from now on are their owner's only. */
const OWNER_ONLY = 0o077;

/** How often what an erasure had to leave is tried again, ms. */
const SCRUB_EVERY_MS = 60_000;

const OPEN_TO_NETWORK =
  "Stenz has no log-in yet: whoever reaches this address on the network can read, change and erase everything.";

/**
 * Opens the data file, migrates it and serves Stenz.
 * @throws when the data file cannot be opened or no port is free; nothing is left open.
 */
export async function startServer(options: StartOptions): Promise<Running> {
  process.umask(OWNER_ONLY);
  const store = await openStore(options.dataFile);
  try {
    if (options.demo) await addDemoWorkshop(store);
    // Load the routes before listening: the first visitor should not wait for them.
    await import("virtual:react-router/server-build");
    const knowsHost = hostsOf(options.host, options.names);
    const app = expressApp({ store, clientFolder: options.clientFolder, knowsHost });
    const { server, port } = await listen(patientServer(app), options);
    const tidy = () => void tidyUp(store).catch(() => undefined);
    await tidyUp(store);
    const scrubbing = setInterval(tidy, SCRUB_EVERY_MS);
    return {
      address: `http://${options.host.includes(":") ? `[${options.host}]` : options.host}:${port}/`,
      warnings: isLoopback(options.host) ? [] : [OPEN_TO_NETWORK],
      stop: () => {
        clearInterval(scrubbing);
        return stop(server, store);
      },
    };
  } catch (cause) {
    await store.close();
    throw cause;
  }
}

/** How long a job that was taken off can be brought back, ms. */
const BROUGHT_BACK_WITHIN_MS = 24 * 60 * 60 * 1000;

/** What is done from time to time: erasures finished, and jobs erased that were taken off a day ago. */
async function tidyUp(store: Store): Promise<void> {
  // eslint-disable-next-line stenz/use-outcome -- what cannot be finished now stays noted, and is tried again
  await store.finishErasing();
  await store.eraseRemovedJobs(new Date(Date.now() - BROUGHT_BACK_WITHIN_MS).toISOString());
}

/** How long a sender may take for its headers, and for all of a request, ms. */
const HEADERS_WITHIN_MS = 15_000;
const REQUEST_WITHIN_MS = 120_000;
const CHECKED_EVERY_MS = 5000;

/** A server that drops whoever sends too slowly. */
const patientServer = (app: RequestListener): Server =>
  createServer(
    {
      headersTimeout: HEADERS_WITHIN_MS,
      requestTimeout: REQUEST_WITHIN_MS,
      connectionsCheckingInterval: CHECKED_EVERY_MS,
    },
    app,
  );

function listen(server: Server, { host, port, spare }: StartOptions): Promise<{ server: Server; port: number }> {
  return new Promise((resolve, reject) => {
    let trying = port;
    server.on("error", (error: NodeJS.ErrnoException) => {
      if (error.code !== "EADDRINUSE" || trying >= port + spare) return reject(error);
      trying += 1;
      server.listen(trying, host);
    });
    server.on("listening", () => {
      const bound = server.address();
      resolve({ server, port: typeof bound === "object" && bound ? bound.port : trying });
    });
    server.listen(trying, host);
  });
}

/** Time an open connection gets to finish before it is cut, ms. */
const PATIENCE_MS = 3000;

async function stop(server: Server, store: Store): Promise<void> {
  closeGauges();
  const cut = setTimeout(() => server.closeAllConnections(), PATIENCE_MS);
  await new Promise<void>((resolve) => {
    server.close(() => resolve());
    server.closeIdleConnections();
  });
  clearTimeout(cut);
  await store.close();
}
