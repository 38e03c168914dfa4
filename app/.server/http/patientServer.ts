import { createServer, type RequestListener, type Server } from "node:http";
import { createServer as createTlsServer } from "node:https";

/** How long a sender may take for its headers, and for all of a request; how long a connection waits for its next one, ms. */
const HEADERS_WITHIN_MS = 15_000;
const REQUEST_WITHIN_MS = 120_000;
const NEXT_WITHIN_MS = 10_000;
const CHECKED_EVERY_MS = 5000;

/** So many requests go over one connection, and so many connections are open at a time. */
const [MOST_REQUESTS, MOST_CONNECTIONS] = [1000, 512];

const PATIENCE = {
  headersTimeout: HEADERS_WITHIN_MS,
  requestTimeout: REQUEST_WITHIN_MS,
  keepAliveTimeout: NEXT_WITHIN_MS,
  connectionsCheckingInterval: CHECKED_EVERY_MS,
} as const;

/** A server that drops whoever sends too slowly; over TLS where it is given a certificate with its key. */
export function patientServer(
  app: RequestListener,
  tls: { readonly cert: string; readonly key: string } | null,
): Server {
  const server = tls
    ? createTlsServer({ ...PATIENCE, ...tls, minVersion: "TLSv1.2" }, app)
    : createServer(PATIENCE, app);
  server.maxRequestsPerSocket = MOST_REQUESTS;
  server.maxConnections = MOST_CONNECTIONS;
  return server;
}

/** Where a server is to listen. */
export interface ListenOn {
  readonly host: string;
  /** First port to try. */
  readonly port: number;
  /** How many following ports may be tried when one is taken; 0 for exactly this port. */
  readonly spare: number;
}

/** Has a server listen. @returns its port. @throws where none of the ports is free, or the host is none of this machine. */
export function listen(server: Server, { host, port, spare }: ListenOn): Promise<number> {
  return new Promise((resolve, reject) => {
    let trying = port;
    server.on("error", (error: NodeJS.ErrnoException) => {
      if (error.code !== "EADDRINUSE" || trying >= port + spare) return reject(error);
      trying += 1;
      server.listen(trying, host);
    });
    server.on("listening", () => {
      const bound = server.address();
      resolve(typeof bound === "object" && bound ? bound.port : trying);
    });
    server.listen(trying, host);
  });
}

/** Time an open connection gets to finish before it is cut, ms. */
const PATIENCE_MS = 3000;

/** Takes no more requests, finishes those under way, and cuts what still hangs after a while. */
export async function shut(server: Server): Promise<void> {
  const cut = setTimeout(() => server.closeAllConnections(), PATIENCE_MS);
  await new Promise<void>((resolve) => {
    server.close(() => resolve());
    server.closeIdleConnections();
  });
  clearTimeout(cut);
}
