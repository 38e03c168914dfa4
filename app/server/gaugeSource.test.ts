import { createServer, type Server } from "node:net";
import { afterEach, describe, expect, it } from "vitest";
import { gaugeLines, parseGaugeAddress } from "./gaugeSource.ts";

describe("the address of a gauge", () => {
  it.each([
    ["/dev/ttyUSB0", { kind: "device", path: "/dev/ttyUSB0" }],
    [" tcp://127.0.0.1:7001 ", { kind: "tcp", host: "127.0.0.1", port: 7001 }],
    ["tcp://[::1]:7001", { kind: "tcp", host: "::1", port: 7001 }],
  ])("reads %s", (text, address) => {
    expect(parseGaugeAddress(text)).toEqual({ ok: true, value: address });
  });

  it.each([
    "",
    "/etc/passwd",
    "/dev/../etc/passwd",
    "tcp://host",
    "tcp://host:0",
    "tcp://host:99999",
    "http://host:80",
  ])("refuses %s", (text) => {
    expect(parseGaugeAddress(text).ok).toBe(false);
  });
});

describe("a gauge on a local socket", () => {
  let gauge: Server | null = null;
  afterEach(() => void gauge?.close());

  const serve = (lines: readonly string[]): Promise<number> =>
    new Promise((resolve) => {
      gauge = createServer((socket) => {
        for (const line of lines) socket.write(line);
        socket.end();
      }).listen(0, "127.0.0.1", () => {
        const bound = gauge?.address();
        resolve(typeof bound === "object" && bound ? bound.port : 0);
      });
    });

  const collect = async (port: number): Promise<string[]> => {
    const lines: string[] = [];
    for await (const line of gaugeLines({ kind: "tcp", host: "127.0.0.1", port }, new AbortController().signal))
      lines.push(line);
    return lines;
  };

  it("gives line for line, also where a line comes in pieces", async () => {
    const port = await serve(['{"t":0,"n":1,', '"mm":110}\n{"t":0.1,"n":1.1,"mm":111}\r\n']);
    expect(await collect(port)).toEqual(['{"t":0,"n":1,"mm":110}', '{"t":0.1,"n":1.1,"mm":111}']);
  });

  it("says when nobody is there", async () => {
    const port = await serve([]);
    await new Promise((resolve) => gauge?.close(resolve));
    await expect(collect(port)).rejects.toThrow(/ECONNREFUSED/);
  });
});
