import { createServer, type Server } from "node:http";
import { addDemoWorkshop } from "../../data/demo/index.ts";
import { openStore } from "../../data/store.ts";
import { expressApp } from "./expressApp.ts";

export { addDemoWorkshop, expressApp, openStore };

/** How the server is started; see the README for the options behind it. */
export interface StartOptions {
  readonly host: string;
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
  /** Stops taking requests, finishes those under way, then closes the data file. */
  stop(): Promise<void>;
}

const LOOPBACK = new Set(["127.0.0.1", "::1", "localhost"]);

/**
 * Opens the data file, migrates it and serves Stenz.
 * @throws when the data file cannot be opened or no port is free; nothing is left open.
 */
export async function startServer(options: StartOptions): Promise<Running> {
  const store = await openStore(options.dataFile);
  try {
    if (options.demo) await addDemoWorkshop(store);
    // Load the routes before listening: the first visitor should not wait for them.
    await import("virtual:react-router/server-build");
    const loopbackOnly = LOOPBACK.has(options.host);
    const app = expressApp({ store, clientFolder: options.clientFolder, loopbackOnly });
    const { server, port } = await listen(createServer(app), options);
    return {
      address: `http://${options.host.includes(":") ? `[${options.host}]` : options.host}:${port}/`,
      stop: () => stop(server, () => store.close()),
    };
  } catch (cause) {
    await store.close();
    throw cause;
  }
}

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

async function stop(server: Server, closeData: () => Promise<void>): Promise<void> {
  const cut = setTimeout(() => server.closeAllConnections(), PATIENCE_MS);
  await new Promise<void>((resolve) => {
    server.close(() => resolve());
    server.closeIdleConnections();
  });
  clearTimeout(cut);
  await closeData();
}
