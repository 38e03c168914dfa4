import { createReadStream } from "node:fs";
import { connect } from "node:net";
import { createInterface } from "node:readline";
import type { Readable } from "node:stream";
import { fail, ok, type Result } from "../../core/result.ts";

/** Where a gauge is read from: a serial device of this machine, or a TCP address. */
export type GaugeAddress =
  | { readonly kind: "device"; readonly path: string }
  | { readonly kind: "tcp"; readonly host: string; readonly port: number };

const TCP = /^tcp:\/\/([a-z0-9.-]+|\[[0-9a-f:]+\]):(\d{1,5})$/i;
const DEVICE = /^\/dev\/[\w./-]+$/;

/** Reads an address such as `/dev/ttyUSB0` or `tcp://127.0.0.1:7001`. */
export function parseGaugeAddress(text: string): Result<GaugeAddress> {
  const plain = text.trim();
  const tcp = TCP.exec(plain);
  const port = Number(tcp?.[2]);
  if (tcp?.[1] && port >= 1 && port <= 65535) return ok({ kind: "tcp", host: tcp[1].replace(/^\[|\]$/g, ""), port });
  if (DEVICE.test(plain) && !plain.includes("..")) return ok({ kind: "device", path: plain });
  return fail(
    "gauge-address-unreadable",
    `Expected a serial device such as /dev/ttyUSB0 or an address such as tcp://127.0.0.1:7001, but got “${plain.slice(0, 60)}”.`,
  );
}

/** The lines a gauge sends, until it ends or the signal stops it. Throws when it cannot be reached. */
export async function* gaugeLines(address: GaugeAddress, signal: AbortSignal): AsyncGenerator<string> {
  const stream: Readable =
    address.kind === "tcp" ? connect(address.port, address.host) : createReadStream(address.path);
  const stop = () => stream.destroy();
  signal.addEventListener("abort", stop, { once: true });
  // Errors reach the loop below through the iterator; without a listener they would end the process first.
  stream.on("error", () => undefined);
  try {
    for await (const line of createInterface({ input: stream, crlfDelay: Number.POSITIVE_INFINITY })) yield line;
    if (stream.errored && !signal.aborted) throw stream.errored;
  } finally {
    signal.removeEventListener("abort", stop);
    stream.destroy();
  }
}
