import { createServer, type Server } from "node:net";
import { afterEach, describe, expect, it, vi } from "vitest";
import { gaugeLines, parseGaugeAddress } from "./gaugeSource.ts";
import { sharedGaugeLines } from "./sharedGauge.ts";

describe("the address of a gauge", () => {
  it.each([
    ["/dev/ttyUSB0", { kind: "device", path: "/dev/ttyUSB0", baud: 9600 }],
    ["/dev/ttyACM1 115200", { kind: "device", path: "/dev/ttyACM1", baud: 115_200 }],
    [" tcp://127.0.0.1:7001 ", { kind: "tcp", host: "127.0.0.1", port: 7001 }],
    ["tcp://[::1]:7001", { kind: "tcp", host: "::1", port: 7001 }],
  ])("reads %s", (text, address) => {
    expect(parseGaugeAddress(text)).toEqual({ ok: true, value: address });
  });

  it.each([
    "",
    "/etc/passwd",
    "/dev/../etc/passwd",
    "/dev/ttyUSB0 fast",
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
    await expect(collect(port)).rejects.toThrow("The gauge cannot be reached.");
  });

  const limited = async (port: number, longestSilenceMs: number): Promise<string[]> => {
    const lines: string[] = [];
    const limits = { longestLine: 200, longestSilenceMs };
    const address = { kind: "tcp", host: "127.0.0.1", port } as const;
    for await (const line of gaugeLines(address, new AbortController().signal, limits)) lines.push(line);
    return lines;
  };

  it("that sends no line ends is given up, not gathered", async () => {
    const port = await serve(Array.from({ length: 50 }, () => "x".repeat(100)));
    await expect(limited(port, 5000)).rejects.toThrow(/no line ends/);
  });

  it("that says nothing is given up after a while", async () => {
    gauge = createServer(() => undefined).listen(0, "127.0.0.1");
    await new Promise((resolve) => gauge?.once("listening", resolve));
    const bound = gauge.address();
    await expect(limited(typeof bound === "object" && bound ? bound.port : 0, 80)).rejects.toThrow(/silent/);
  });

  it("is opened once, however many pages read along, and closed with the last", async () => {
    let opened = 0;
    let closed = 0;
    gauge = createServer((socket) => {
      opened += 1;
      const sending = setInterval(() => socket.write('{"t":0,"n":1,"mm":110}\n'), 10);
      socket.on("error", () => undefined);
      socket.on("close", () => {
        closed += 1;
        clearInterval(sending);
      });
    }).listen(0, "127.0.0.1");
    await new Promise((resolve) => gauge?.once("listening", resolve));
    const bound = gauge.address();
    const address = {
      kind: "tcp",
      host: "127.0.0.1",
      port: typeof bound === "object" && bound ? bound.port : 0,
    } as const;
    const read = async () => {
      const stop = new AbortController();
      for await (const line of sharedGaugeLines(address, stop.signal)) {
        stop.abort();
        return line;
      }
      return null;
    };
    expect(await Promise.all([read(), read(), read()])).toEqual(Array(3).fill('{"t":0,"n":1,"mm":110}'));
    await vi.waitFor(() => expect([opened, closed]).toEqual([1, 1]));
  });
});

describe("a device", () => {
  const readFrom = async (path: string) => {
    for await (const line of gaugeLines({ kind: "device", path, baud: 9600 }, new AbortController().signal))
      return line;
    return null;
  };

  it("that is none, or is no serial device, is refused in words of our own", async () => {
    await expect(readFrom("/dev/stenz-none")).rejects.toThrow(/no such device/);
    await expect(readFrom("/dev/null")).rejects.toThrow(/Expected a serial device/);
    await expect(readFrom("/dev/zero")).rejects.toThrow(/Expected a serial device/);
  });
});
