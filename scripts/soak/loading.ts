import { post } from "./forms.ts";
import { chanceOf } from "./options.ts";
import type { SoakServer } from "./server.ts";

/** What devices waited for. */
export interface LoadTold {
  readonly requests: number;
  readonly perSecond: number;
  readonly p50Ms: number;
  readonly p95Ms: number;
  readonly p99Ms: number;
  readonly writes: number;
  readonly errors: number;
  /** Memory of the server, looked at ten times from the end of the first tenth on, MB. */
  readonly memoryMb: readonly number[];
}

/** How a load is laid on. */
export interface LoadOptions {
  readonly devices: number;
  readonly seconds: number;
  readonly seed: number;
  /** Between two requests of a device, ms: somebody reads what came. 0 for none. */
  readonly readsMs?: number;
}

/** Pages a device goes to at a fitting and at the bench. */
const PAGES = [
  "/",
  "/days",
  "/wearers",
  "/wearers/1",
  "/cloths",
  "/findings",
  ...[1, 2, 4, 7].flatMap((job) =>
    ["", "/body", "/ease", "/prototypes", "/changes", "/zones"].map((page) => `/jobs/${job}${page}`),
  ),
  "/jobs/2/prototypes/1/fitting",
  "/jobs/7/prototypes/4/fitting",
];

/** One request in so many is what was typed being kept; one in so many opens a page whole, as after a reload. */
const [WRITES_EVERY, RELOADS_EVERY] = [4, 12];

/** Of what a reader takes for a page at the least, ms: half of it to one and a half. */
const READS_MS = 1000;

/** So many times it is looked how much memory the server holds. */
const MEMORY_SAMPLES = 10;

/** Devices that open the application, go from page to page in it, and have kept what they type, for so many seconds. */
export async function loadBy(
  server: SoakServer,
  { devices, seconds, seed, readsMs = READS_MS }: LoadOptions,
): Promise<LoadTold> {
  const waits: number[] = [];
  let [writes, errors] = [0, 0];
  const began = Date.now();
  const until = began + seconds * 1000;
  const mb = (bytes: number) => Math.round(bytes / 1e6);
  const memoryMb: number[] = [];
  const sampling = setInterval(() => memoryMb.push(mb(server.memory())), (seconds * 1000) / MEMORY_SAMPLES);
  const timed = async (ask: () => Promise<Response>) => {
    const from = performance.now();
    try {
      const response = await ask();
      await response.arrayBuffer();
      if (response.status >= 400) errors += 1;
    } catch {
      errors += 1;
    }
    waits.push(performance.now() - from);
  };
  await Promise.all(
    Array.from({ length: devices }, async (_none, device) => {
      const chance = chanceOf(seed * 1000 + device);
      const pause = () => new Promise((resolve) => setTimeout(resolve, readsMs / 2 + chance(Math.max(1, readsMs))));
      // They do not all begin at once.
      if (readsMs > 0) await pause();
      await timed(() => fetch(`${server.address}/`));
      while (Date.now() < until) {
        if (readsMs > 0) await pause();
        const page = PAGES[chance(PAGES.length)] ?? "/";
        if (chance(WRITES_EVERY) === 0) {
          writes += 1;
          const fields = { draftForm: `working:1:device${device}`, note: `as typed ${writes}` };
          await timed(() => post(server.address, { address: "/drafts", fields }));
        } else if (chance(RELOADS_EVERY) === 0) await timed(() => fetch(`${server.address}${page}`));
        else await timed(() => fetch(`${server.address}${page === "/" ? "/_" : page}.data`));
      }
    }),
  );
  clearInterval(sampling);
  const sorted = waits.toSorted((a, b) => a - b);
  const at = (part: number) => Math.round(sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))] ?? 0);
  return {
    ...{ requests: waits.length, perSecond: Math.round(waits.length / ((Date.now() - began) / 1000)) },
    ...{ p50Ms: at(0.5), p95Ms: at(0.95), p99Ms: at(0.99), writes, errors },
    memoryMb,
  };
}
