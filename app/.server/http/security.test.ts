import type { Request, Response } from "express";
import { describe, expect, it, vi } from "vitest";
import { hostsOf } from "./hosts.ts";
import { refuseForeignRequests } from "./security.ts";

function ask(
  method: string,
  headers: Record<string, string>,
  path = "/",
  knows = hostsOf("127.0.0.1", []),
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
  const request = { method, headers, path, originalUrl: path } as unknown as Request;
  refuseForeignRequests(knows)(request, response as unknown as Response, next);
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

  it.each(["stenz example", "a@b", "[::1", "xxx:999999"])("by an odd name (%s) are refused", (host) => {
    expect(ask("GET", { host }).status).toBe(421);
  });

  it("opened to a network pass by its address, by a name the maker gave, and by no other", () => {
    const knows = hostsOf("192.0.2.7", ["bench.local"]);
    const byName = (host: string) => ask("GET", { host }, "/", knows).status;
    expect([byName("192.0.2.7:4173"), byName("Bench.Local"), byName("localhost")]).toEqual([null, null, null]);
    expect([byName("evil.example"), byName("bench.local.evil.example")]).toEqual([421, 421]);
  });

  it("to what makes no address are refused, not failed", () => {
    for (const path of ["nowhere", ":99999/", "*"]) expect(ask("GET", { host: HOST }, path).status).toBe(400);
  });

  it("by a method no page uses are refused, not failed", () => {
    for (const method of ["TRACE", "OPTIONS", "PUT", "DELETE"]) expect(ask(method, { host: HOST }).status).toBe(405);
  });

  it("of other sites start no gauge", () => {
    const site = (value: string) => ask("GET", { host: HOST, "sec-fetch-site": value }, "/gauge/stream").status;
    expect([site("same-origin"), site("cross-site"), site("same-site")]).toEqual([null, 403, 403]);
    expect(ask("GET", { host: HOST, "sec-fetch-site": "cross-site" }, "/wearers")).toEqual(passes);
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
  });
});
