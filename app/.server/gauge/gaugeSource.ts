import { connect } from "node:net";
import type { Readable } from "node:stream";
import { SerialPort } from "serialport";
import { fail, ok, type Result } from "../../../core/result.ts";

/** Where a gauge is read from: a serial device of this machine, or a TCP address. */
export type GaugeAddress =
  | { readonly kind: "device"; readonly path: string; readonly baud: number }
  | { readonly kind: "tcp"; readonly host: string; readonly port: number };

const TCP = /^tcp:\/\/([a-z0-9.-]+|\[[0-9a-f:]+\]):(\d{1,5})$/i;
const DEVICE = /^(\/dev\/[\w./-]+?)(?: +(\d{2,7}))?$/;

/** Speed most gauges are set to, baud; another one is written behind the device. */
const USUAL_BAUD = 9600;

/** Longest line of a gauge, bytes; a stream without line ends is no gauge. */
const LONGEST_LINE = 4096;

/** How long a gauge may say nothing before it is given up, ms. */
const LONGEST_SILENCE_MS = 15_000;

/** Reads an address such as `/dev/ttyUSB0`, `/dev/ttyUSB0 115200` or `tcp://127.0.0.1:7001`. */
export function parseGaugeAddress(text: string): Result<GaugeAddress> {
  const plain = text.trim();
  const tcp = TCP.exec(plain);
  const port = Number(tcp?.[2]);
  if (tcp?.[1] && port >= 1 && port <= 65535) return ok({ kind: "tcp", host: tcp[1].replace(/^\[|\]$/g, ""), port });
  const device = DEVICE.exec(plain);
  if (device?.[1] && !plain.includes("..")) {
    return ok({ kind: "device", path: device[1], baud: Number(device[2] ?? USUAL_BAUD) });
  }
  return fail(
    "gauge-address-unreadable",
    `Expected a serial device such as /dev/ttyUSB0 or an address such as tcp://127.0.0.1:7001, but got “${plain.slice(0, 60)}”.`,
  );
}

/** Why a gauge cannot be read any further; the message is for the page, never for the log. */
export class GaugeError extends Error {
  override readonly name = "GaugeError";
}

/** Limits of a reading; tests give shorter ones. */
export interface GaugeLimits {
  readonly longestLine: number;
  readonly longestSilenceMs: number;
}

const LIMITS: GaugeLimits = { longestLine: LONGEST_LINE, longestSilenceMs: LONGEST_SILENCE_MS };

/**
 * The lines a gauge sends, until it ends or the signal stops it. Nothing of it blocks: a device is opened without
 * waiting and read when it has something, so that a silent one holds up nobody.
 *
 * @throws GaugeError when it cannot be reached, is no serial device, says nothing for too long or sends no line ends.
 */
export async function* gaugeLines(
  address: GaugeAddress,
  signal: AbortSignal,
  { longestLine, longestSilenceMs }: GaugeLimits = LIMITS,
): AsyncGenerator<string> {
  const stream = open(address);
  const stop = (why?: Error) => stream.destroy(why);
  const onAbort = () => stop();
  signal.addEventListener("abort", onAbort, { once: true });
  // Errors reach the loop below through the iterator; without a listener they would end the process first.
  stream.on("error", () => undefined);
  const silent = setTimeout(
    () => stop(new GaugeError("The gauge is silent: nothing came from it. Is it on, and set to send readings?")),
    longestSilenceMs,
  );
  let rest = "";
  try {
    for await (const chunk of stream) {
      silent.refresh();
      const lines = (rest + String(chunk)).split("\n");
      rest = lines.pop() ?? "";
      for (const line of lines) yield line.replace(/\r$/, "");
      if (rest.length > longestLine)
        throw new GaugeError("The gauge sends no line ends: one reading a line is expected.");
    }
    if (rest !== "") yield rest;
  } catch (cause) {
    if (signal.aborted) return;
    throw cause instanceof GaugeError ? cause : new GaugeError("The gauge cannot be reached.", { cause });
  } finally {
    clearTimeout(silent);
    signal.removeEventListener("abort", onAbort);
    stop();
  }
}

function open(address: GaugeAddress): Readable {
  if (address.kind === "tcp") return connect(address.port, address.host).setEncoding("utf8");
  // Opened in the background and locked: two programs reading one gauge would each get half of its lines.
  const port = new SerialPort({ path: address.path, baudRate: address.baud, lock: true }, (cause) => {
    if (cause) port.destroy(new GaugeError(whyNotOpened(cause), { cause }));
  });
  return port.setEncoding("utf8");
}

function whyNotOpened({ message }: Error): string {
  if (/not a typewriter|inappropriate ioctl|invalid argument/i.test(message))
    return "Expected a serial device, but what stands at that address is none.";
  if (/lock|busy|temporarily unavailable/i.test(message))
    return "The gauge is read by another program: close that first.";
  return "The gauge cannot be reached: there is no such device, or it may not be read.";
}
