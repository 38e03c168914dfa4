import { randomBytes } from "node:crypto";
import type { NextFunction, Request, RequestHandler, Response } from "express";
import helmet from "helmet";
import type { KnowsHost } from "./hosts.ts";

/** Gives each response its own nonce and the security headers; scripts and style sheets need the nonce. */
export function securityHeaders(): RequestHandler[] {
  const nonceOf = (_request: unknown, response: unknown) => `'nonce-${(response as Response).locals.nonce}'`;
  return [
    (_request, response, next) => {
      response.locals.nonce = randomBytes(18).toString("base64");
      next();
    },
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'", nonceOf],
          styleSrcElem: ["'self'", nonceOf],
          // Positions of pins and marks are style attributes; they can carry no script.
          styleSrcAttr: ["'unsafe-inline'"],
          imgSrc: ["'self'", "data:"],
          workerSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'self'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false,
      referrerPolicy: { policy: "same-origin" },
      crossOriginOpenerPolicy: false,
      originAgentCluster: false,
    }),
  ];
}

/** Whatever is about people stays in no cache: not in the browser's, not when going back, not on the way. */
export const neverCached: RequestHandler = (_request, response, next) => {
  response.set("Cache-Control", "no-store");
  next();
};

/** Refuses names the server does not answer to, methods no page uses, and posts from other sites. */
export function refuseForeignRequests(knows: KnowsHost): RequestHandler {
  return (request: Request, response: Response, next: NextFunction) => {
    const refusal = foreignHost(request, knows) ?? oddMethod(request) ?? noAddress(request) ?? crossSite(request);
    if (refusal) response.status(refusal.status).type("text/plain").send(refusal.reason);
    else next();
  };
}

interface Refusal {
  readonly status: number;
  readonly reason: string;
}

function foreignHost(request: Request, knows: KnowsHost): Refusal | null {
  if (knows(request.headers.host)) return null;
  return {
    status: 421,
    reason: "This Stenz does not answer to that name. Open it by its address, or start it with --name NAME.",
  };
}

const METHODS: readonly string[] = ["GET", "HEAD", "POST"];

function oddMethod({ method }: Request): Refusal | null {
  return METHODS.includes(method) ? null : { status: 405, reason: "Expected GET, HEAD or POST." };
}

/** What follows a name a request is sent to and makes no address with it would fail wherever its address is looked at. */
function noAddress({ headers, originalUrl }: Request): Refusal | null {
  return URL.canParse(`http://${headers.host}${originalUrl}`)
    ? null
    : { status: 400, reason: "Expected the address of a page, but this is none." };
}

/** Addresses whose reading starts something: not for pages elsewhere, which can ask for any address. */
const STARTS_SOMETHING = /^\/gauge\//;

function crossSite(request: Request): Refusal | null {
  const posts = request.method === "POST";
  if (!posts && !STARTS_SOMETHING.test(request.path)) return null;
  const { origin, host } = request.headers;
  const site = request.headers["sec-fetch-site"];
  const sameSite = site === undefined || site === "same-origin" || site === "none";
  const sameOrigin = origin === undefined || hostOf(origin) === host;
  if (sameSite && sameOrigin) return null;
  return { status: 403, reason: posts ? "Posts from other sites are refused." : "Not for other sites." };
}

function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}
