import { type GaugeAddress, gaugeLines } from "./gaugeSource.ts";

/** Lines kept for a page that reads slower than the gauge sends; older ones are dropped, the newest count. */
const MOST_WAITING = 500;

/** A page that reads along. */
class Listener {
  readonly #waiting: string[] = [];
  #wake: (() => void) | null = null;
  #ended: { readonly cause: unknown } | null = null;

  put(line: string): void {
    this.#waiting.push(line);
    if (this.#waiting.length > MOST_WAITING) this.#waiting.shift();
    this.#wake?.();
  }

  end(cause: unknown): void {
    this.#ended = { cause };
    this.#wake?.();
  }

  async *lines(signal: AbortSignal): AsyncGenerator<string> {
    const wake = () => this.#wake?.();
    signal.addEventListener("abort", wake, { once: true });
    try {
      while (!signal.aborted) {
        const line = this.#waiting.shift();
        if (line !== undefined) yield line;
        else if (this.#ended === null) {
          await new Promise<void>((resolve) => {
            this.#wake = resolve;
          });
        } else if (this.#ended.cause) throw this.#ended.cause;
        else return;
      }
    } finally {
      signal.removeEventListener("abort", wake);
    }
  }
}

interface Reading {
  readonly listeners: Set<Listener>;
  readonly stop: AbortController;
}

/** Gauges being read, by address: a device is opened once, however many pages read along. */
const reading = new Map<string, Reading>();

/**
 * The lines of a gauge for one page, until it ends or the signal stops it. The first page opens the gauge, the others
 * share it, and it is closed with the last. Errors as {@link gaugeLines}.
 */
export async function* sharedGaugeLines(address: GaugeAddress, signal: AbortSignal): AsyncGenerator<string> {
  const key = JSON.stringify(address);
  const shared = reading.get(key) ?? begin(key, address);
  const listener = new Listener();
  shared.listeners.add(listener);
  try {
    yield* listener.lines(signal);
  } finally {
    shared.listeners.delete(listener);
    if (shared.listeners.size === 0) {
      shared.stop.abort();
      if (reading.get(key) === shared) reading.delete(key);
    }
  }
}

function begin(key: string, address: GaugeAddress): Reading {
  const shared: Reading = { listeners: new Set(), stop: new AbortController() };
  reading.set(key, shared);
  void pump(shared, address).finally(() => {
    if (reading.get(key) === shared) reading.delete(key);
  });
  return shared;
}

/** Hands every line to every page; what goes wrong goes to the pages too, and nowhere else. */
async function pump({ listeners, stop }: Reading, address: GaugeAddress): Promise<void> {
  try {
    for await (const line of gaugeLines(address, stop.signal)) for (const one of listeners) one.put(line);
    for (const one of listeners) one.end(null);
  } catch (cause) {
    for (const one of listeners) one.end(cause);
  }
}

/** Closes every gauge, so that the server can stop. */
export function closeGauges(): void {
  for (const { stop } of reading.values()) stop.abort();
}
