import { setTimeout as wait } from "node:timers/promises";
import {
  type GaugeReading,
  gaugeLine,
  lacePullReadings,
  laceReading,
  parseGaugeLine,
  READINGS_PER_S,
  READINGS_PER_STEP,
  type SeamPull,
  type SimulatedStep,
  STAND_IN_CLOTHS,
  seamPullReadings,
  seamReading,
  simulatedReading,
} from "../../../core/gauge/index.ts";
import { GaugeError, parseGaugeAddress } from "../../.server/gauge/gaugeSource.ts";
import { sharedGaugeLines } from "../../.server/gauge/sharedGauge.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { eventStream, type ServerEvent } from "../../.server/http/eventStream.ts";
import { guarded } from "../../.server/http/guarded.ts";
import type { Route } from "./+types/route.ts";

/** Streams a gauge as server-sent events: the stand-in's step, or the real gauge named in the settings. */
export const loader = guarded(async ({ request, context }: Route.LoaderArgs) => {
  const address = new URL(request.url).searchParams;
  if (address.get("source") === "device") {
    const { value } = await storeOf(context).settings.find("gaugeAddress");
    return eventStream((signal) => deviceEvents(value ?? "", signal), request);
  }
  const goOnAfter = Number(request.headers.get("Last-Event-ID") ?? -1);
  const from = Number.isInteger(goOnAfter) ? goOnAfter + 1 : 0;
  const speed = number(address, "speed", 1, 600) ?? 1;
  if (address.get("source") === "seam") {
    const pull = pullFrom(address);
    if (!pull) return new Response("Expected a seam for the stand-in gauge.", { status: 400 });
    const [count, reading] = [seamPullReadings(pull), (at: number) => seamReading(pull, at)];
    return eventStream((signal) => readingEvents({ count, reading, from, speed }, signal), request);
  }
  if (address.get("source") === "lace") {
    const seed = number(address, "seed", 0, 2 ** 31);
    if (seed === null) return new Response("Expected a lace for the stand-in gauge.", { status: 400 });
    const [count, reading] = [lacePullReadings(), (at: number) => laceReading({ seed }, at)];
    return eventStream((signal) => readingEvents({ count, reading, from, speed }, signal), request);
  }
  const step = stepFrom(address);
  if (!step) return new Response("Expected a step of the stand-in gauge.", { status: 400 });
  const [count, reading] = [READINGS_PER_STEP, (at: number) => simulatedReading(step, at)];
  return eventStream((signal) => readingEvents({ count, reading, from, speed }, signal), request);
});

function stepFrom(address: URLSearchParams): SimulatedStep | null {
  const cloth = STAND_IN_CLOTHS.find(({ id }) => id === address.get("cloth"));
  const widthMm = number(address, "width", 3, 500);
  const gaugeMm = number(address, "gauge", 20, 1000);
  const fromN = number(address, "from", 0, 1000);
  const toN = number(address, "to", 0, 1000);
  const seed = number(address, "seed", 0, 2 ** 31);
  if (!cloth || widthMm === null || gaugeMm === null || fromN === null || toN === null || seed === null) return null;
  const form = address.get("form") === "loop" ? "loop" : "strip";
  const largestN = Math.max(fromN, toN, number(address, "largest", 0, 1000) ?? 0);
  return { cloth, form, widthMm, gaugeMm, fromN, toN, largestN, seed };
}

function pullFrom(address: URLSearchParams): SeamPull | null {
  const [gaugeMm, breaks] = [number(address, "gauge", 10, 1000), number(address, "breaks", 0.01, 5)];
  const seed = number(address, "seed", 0, 2 ** 31);
  return gaugeMm === null || breaks === null || seed === null ? null : { gaugeMm, breaks, seed };
}

function number(address: URLSearchParams, name: string, low: number, high: number): number | null {
  const text = address.get(name);
  const value = Number(text);
  return text !== null && text !== "" && value >= low && value <= high ? value : null;
}

/** How often readings are sent, ms; at a higher speed more of them go at once. */
const EVERY_MS = 100;

/** Readings of a stand-in, from one of them on. */
interface Readings {
  readonly count: number;
  readonly reading: (at: number) => GaugeReading;
  readonly from: number;
  readonly speed: number;
}

async function* readingEvents(
  { count, reading, from, speed }: Readings,
  signal: AbortSignal,
): AsyncGenerator<ServerEvent> {
  const atOnce = Math.max(1, Math.round((speed * READINGS_PER_S * EVERY_MS) / 1000));
  for (let next = from; next < count; ) {
    for (let sent = 0; sent < atOnce && next < count; sent += 1, next += 1) {
      yield { id: next, data: gaugeLine(reading(next)) };
    }
    if (await isStopped(signal)) return;
  }
  yield { event: "done", data: "{}" };
}

const isStopped = (signal: AbortSignal): Promise<boolean> => wait(EVERY_MS, false, { signal }).catch(() => true);

async function* deviceEvents(text: string, signal: AbortSignal): AsyncGenerator<ServerEvent> {
  const address = parseGaugeAddress(text);
  if (!address.ok) {
    yield { event: "refused", data: JSON.stringify({ message: "No gauge is named in the settings." }) };
    return;
  }
  try {
    for await (const line of sharedGaugeLines(address.value, signal)) {
      const reading = parseGaugeLine(line);
      yield reading.ok
        ? { data: gaugeLine(reading.value) }
        : { event: "unreadable", data: JSON.stringify({ message: reading.problem.message }) };
    }
  } catch (cause) {
    const message = cause instanceof GaugeError ? cause.message : "The gauge cannot be read.";
    yield { event: "refused", data: JSON.stringify({ message }) };
  }
}
