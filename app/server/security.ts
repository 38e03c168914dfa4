import { randomBytes } from "node:crypto";
import type { NextFunction, Request, RequestHandler, Response } from "express";
import helmet from "helmet";

/** Largest body of a post, bytes; forms are far smaller. */
const LARGEST_BODY = 2_000_000;

const LOOPBACK_HOST = /^(?:localhost|127(?:\.\d+){3}|\[::1\])(?::\d+)?$/i;

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

/** Refuses posts from other sites, oversized bodies and, on a loopback server, names other than this machine's. */
export function refuseForeignRequests(loopbackOnly: boolean): RequestHandler {
  return (request: Request, response: Response, next: NextFunction) => {
    const refusal = foreignHost(request, loopbackOnly) ?? crossSitePost(request) ?? tooLarge(request);
    if (refusal) response.status(refusal.status).type("text/plain").send(refusal.reason);
    else next();
  };
}

interface Refusal {
  readonly status: number;
  readonly reason: string;
}

function foreignHost(request: Request, loopbackOnly: boolean): Refusal | null {
  if (!loopbackOnly || LOOPBACK_HOST.test(request.headers.host ?? "")) return null;
  return { status: 421, reason: "This Stenz answers to this machine only." };
}

function crossSitePost(request: Request): Refusal | null {
  if (request.method === "GET" || request.method === "HEAD") return null;
  const { origin, host } = request.headers;
  const site = request.headers["sec-fetch-site"];
  const sameSite = site === undefined || site === "same-origin" || site === "none";
  const sameOrigin = origin === undefined || hostOf(origin) === host;
  return sameSite && sameOrigin ? null : { status: 403, reason: "Posts from other sites are refused." };
}

function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}

function tooLarge(request: Request): Refusal | null {
  const length = Number(request.headers["content-length"] ?? 0);
  return length > LARGEST_BODY ? { status: 413, reason: "The form is larger than Stenz reads." } : null;
}
