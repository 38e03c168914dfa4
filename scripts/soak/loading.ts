import { quantile } from "../bench/report.ts";
import { asData, post } from "./forms.ts";
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
  /** What went wrong, by its status or cause, and how often. */
  readonly errorKinds: Readonly<Record<string, number>>;
  /** What was waited for longest, by the middle of its waits, ms. */
  readonly slowest: Readonly<Record<string, number>>;
  /** How late this machine woke whoever asked, ms: what it was kept from beside this, by others of its host as well. */
  readonly wokenLateMs: { readonly p95: number; readonly p99: number; readonly most: number };
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
  const waits: { readonly what: string; readonly ms: number }[] = [];
  const errorKinds: Record<string, number> = {};
  let writes = 0;
  const began = Date.now();
  const until = began + seconds * 1000;
  const mb = (bytes: number) => Math.round(bytes / 1e6);
  const memoryMb: number[] = [];
  const sampling = setInterval(() => memoryMb.push(mb(server.memory())), (seconds * 1000) / MEMORY_SAMPLES);
  const late = lateness();
  const failed = (kind: string) => {
    errorKinds[kind] = (errorKinds[kind] ?? 0) + 1;
  };
  const timed = async (what: string, ask: () => Promise<Response>) => {
    const from = performance.now();
    try {
      const response = await ask();
      await response.arrayBuffer();
      if (response.status >= 400) failed(`${response.status} ${what}`);
    } catch (cause) {
      failed(`${causeOf(cause)} ${what}`);
    }
    waits.push({ what, ms: performance.now() - from });
  };
  await Promise.all(
    Array.from({ length: devices }, async (_none, device) => {
      const chance = chanceOf(seed * 1000 + device);
      const pause = () => new Promise((resolve) => setTimeout(resolve, readsMs / 2 + chance(Math.max(1, readsMs))));
      // They do not all begin at once.
      if (readsMs > 0) await pause();
      await timed("/", () => fetch(`${server.address}/`));
      while (Date.now() < until) {
        if (readsMs > 0) await pause();
        const page = PAGES[chance(PAGES.length)] ?? "/";
        if (chance(WRITES_EVERY) === 0) {
          writes += 1;
          const fields = { draftForm: `working:1:device${device}`, note: `as typed ${writes}` };
          await timed("draft", () => post(server.address, { address: "/drafts", fields }));
        } else {
          const asked = chance(RELOADS_EVERY) === 0 ? page : asData(page);
          await timed(asked, () => fetch(`${server.address}${asked}`));
        }
      }
    }),
  );
  clearInterval(sampling);
  const { p50: p50Ms, p95: p95Ms, p99: p99Ms } = spread(waits.map(({ ms }) => ms));
  const { p95, p99, most } = spread(late.stop());
  const errors = Object.values(errorKinds).reduce((sum, times) => sum + times, 0);
  return {
    ...{ requests: waits.length, perSecond: Math.round(waits.length / ((Date.now() - began) / 1000)) },
    ...{ p50Ms, p95Ms, p99Ms, writes, errors, errorKinds },
    ...{ slowest: slowestOf(waits), wokenLateMs: { p95, p99, most } },
    memoryMb,
  };
}

/** Waits told by how many of them were no longer, ms. */
function spread(waits: readonly number[]) {
  const at = (part: number) => Math.round(quantile(waits, part));
  return { p50: at(0.5), p95: at(0.95), p99: at(0.99), most: at(1) };
}

/** So many of what was waited for longest are told. */
const SLOWEST = 5;

/** What was waited for longest, by the middle of its waits. */
function slowestOf(waits: readonly { readonly what: string; readonly ms: number }[]): Record<string, number> {
  const byWhat = new Map<string, number[]>();
  for (const { what, ms } of waits) {
    const all = byWhat.get(what);
    if (all) all.push(ms);
    else byWhat.set(what, [ms]);
  }
  const middles = [...byWhat].map(([what, all]) => [what, spread(all).p50] as const);
  return Object.fromEntries(middles.toSorted(([, a], [, b]) => b - a).slice(0, SLOWEST));
}

/** A timer's period, ms. */
const TICK_MS = 20;

/** How late a timer comes, tick by tick, ms, until it is stopped: a machine that is busy elsewhere shows there first. */
function lateness(): { stop(): number[] } {
  const late: number[] = [];
  let due = performance.now() + TICK_MS;
  const ticking = setInterval(() => {
    late.push(Math.max(0, performance.now() - due));
    due = performance.now() + TICK_MS;
  }, TICK_MS);
  return {
    stop: () => {
      clearInterval(ticking);
      return late;
    },
  };
}

/** Why a request got no answer, in a word. */
const causeOf = (cause: unknown): string => {
  const { message, cause: inner } = cause as Error & { cause?: { code?: string; message?: string } };
  return inner?.code ?? inner?.message ?? message;
};
