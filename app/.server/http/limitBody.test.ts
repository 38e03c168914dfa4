import { request as send } from "node:http";
import type { AddressInfo } from "node:net";
import express from "express";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { LARGEST_FORM, limitBody, mostBytes } from "./limitBody.ts";

let port = 0;
let server: ReturnType<ReturnType<typeof express>["listen"]>;
beforeEach(async () => {
  const app = express();
  app.use(limitBody());
  app.post("/{*any}", async (request, response) => {
    let bytes = 0;
    try {
      for await (const chunk of request) bytes += (chunk as Buffer).length;
      response.send(String(bytes));
    } catch {
      // Broken off: the answer is out already.
    }
  });
  server = app.listen(0, "127.0.0.1");
  await new Promise((resolve) => server.once("listening", resolve));
  port = (server.address() as AddressInfo).port;
});
afterEach(() => {
  server.closeAllConnections();
  server.close();
});

/** Posts so many bytes in chunks, without saying how many will come. */
const post = (path: string, bytes: number, headers: Record<string, string> = {}): Promise<number> =>
  new Promise((resolve, reject) => {
    const asked = send({ port, path, method: "POST", headers }, (answer) => {
      answer.resume();
      resolve(answer.statusCode ?? 0);
    });
    asked.on("error", reject);
    const piece = Buffer.alloc(64_000);
    for (let sent = 0; sent < bytes; sent += piece.length)
      asked.write(piece.subarray(0, Math.min(64_000, bytes - sent)));
    asked.end();
  });

describe("a body", () => {
  it("is counted as it comes, whatever length was announced or not", async () => {
    expect(await post("/wearers/new", 100_000)).toBe(200);
    expect(await post("/wearers/new", LARGEST_FORM + 200_000)).toBe(413);
    expect(await post("/wearers/new", 0, { "Content-Length": String(LARGEST_FORM + 1) }).catch(() => 413)).toBe(413);
  });

  it("may be larger where a file is sent", async () => {
    expect(await post("/jobs/import", LARGEST_FORM + 200_000)).toBe(200);
    expect(mostBytes("/jobs/import.data")).toBeGreaterThan(50_000_000);
    expect(mostBytes("/jobs/3/prototypes/1/send")).toBe(20_000_000);
    expect(mostBytes("/jobs/3/prototypes")).toBe(LARGEST_FORM);
  });
});
