import type { Request, Response } from "express";
import { describe, expect, it, vi } from "vitest";
import { refuseForeignRequests } from "./security.ts";

function ask(
  method: string,
  headers: Record<string, string>,
  loopbackOnly = true,
): { status: number | null; passed: boolean } {
  const next = vi.fn();
  let status: number | null = null;
  const response = {
    status(code: number) {
      status = code;
      return this;
    },
    type() {
      return this;
    },
    send: () => undefined,
  };
  refuseForeignRequests(loopbackOnly)({ method, headers } as unknown as Request, response as unknown as Response, next);
  return { status, passed: next.mock.calls.length === 1 };
}

const HOST = "127.0.0.1:4173";
const passes = { status: null, passed: true };

describe("requests of this machine", () => {
  it.each(["127.0.0.1:4173", "localhost", "localhost:80", "[::1]:4173", "127.8.9.1"])("by the name %s pass", (host) => {
    expect(ask("GET", { host })).toEqual(passes);
  });

  it.each(["stenz.example", "127.0.0.1.evil.example", "evil.example:4173", ""])(
    "by the name %s are refused",
    (host) => {
      expect(ask("GET", { host })).toEqual({ status: 421, passed: false });
    },
  );

  it("by any name pass once the server was opened on purpose", () => {
    expect(ask("GET", { host: "bench.local" }, false)).toEqual(passes);
  });
});

describe("posts", () => {
  it.each([
    [{ host: HOST }],
    [{ host: HOST, origin: `http://${HOST}` }],
    [{ host: HOST, origin: `http://${HOST}`, "sec-fetch-site": "same-origin" }],
    [{ host: HOST, "sec-fetch-site": "none" }],
  ])("of this site pass: %o", (headers) => expect(ask("POST", headers as Record<string, string>)).toEqual(passes));

  it.each([
    [{ host: HOST, origin: "http://evil.example" }],
    [{ host: HOST, origin: "null" }],
    [{ host: HOST, origin: "http://127.0.0.1:9999" }],
    [{ host: HOST, origin: `http://${HOST}`, "sec-fetch-site": "cross-site" }],
    [{ host: HOST, "sec-fetch-site": "same-site" }],
  ])("of other sites are refused: %o", (headers) => {
    expect(ask("POST", headers as Record<string, string>)).toEqual({ status: 403, passed: false });
    expect(ask("DELETE", headers as Record<string, string>).status).toBe(403);
  });

  it("larger than any form are refused", () => {
    expect(ask("POST", { host: HOST, "content-length": "2000001" })).toEqual({ status: 413, passed: false });
    expect(ask("POST", { host: HOST, "content-length": "2000000" })).toEqual(passes);
  });
});
