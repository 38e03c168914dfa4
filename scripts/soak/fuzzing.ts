import { PAGES } from "../../app/testing/demoPages.ts";
import { computeAll } from "../../formats/compute.ts";
import { computeCase } from "./cases.ts";
import { formsAt, type PageForm } from "./forms.ts";
import { type Chance, one } from "./nasty.ts";
import { generated } from "./requests.ts";
import type { SoakServer } from "./server.ts";

/** What generated requests have come to. */
export interface FuzzCounts {
  requests: number;
  /** Answers by their status. */
  byStatus: Record<string, number>;
  /** Answers that say that the server failed, and requests it did not answer. */
  failed: number;
  /** Computations by the scripting interface, and those that ended otherwise than with an answer. */
  computed: number;
  computeFailed: number;
  /** Memory of the server, MB, at every thousandth part of the way. */
  memoryMb: number[];
}

/** Before the first. */
export const noRequests = (): FuzzCounts => ({
  ...{ requests: 0, byStatus: {}, failed: 0, computed: 0, computeFailed: 0 },
  memoryMb: [],
});

/** How many requests are under way at a time. */
const AT_A_TIME = 8;

/** So often a page is looked at for its forms, as they stand now. */
const FRESH_EVERY = 20;

/** So many of them, and the workshop is put back: what was taken away by then would leave ever less to ask for. */
const PUT_BACK_EVERY = 10_000;

/** What a run of generated requests works with. */
export interface Fuzzing {
  readonly server: SoakServer;
  /** Puts the workshop back as it was, while the server runs. @returns what is wrong with what was left behind. */
  readonly putBack: () => Promise<readonly string[]>;
  readonly counts: FuzzCounts;
  readonly chance: Chance;
  readonly say: (words: string) => void;
}

/** Sends generated requests to a server until there were so many; each tenth is a computation by the scripting interface instead. */
export async function fuzz(
  { server, putBack, counts, chance, say }: Fuzzing,
  until: number,
  each: () => void,
): Promise<void> {
  const forms: PageForm[] = [];
  let putBackAt = counts.requests + counts.computed + PUT_BACK_EVERY;
  const sampled = Math.max(1, Math.floor(until / 1000));
  await Promise.all(
    Array.from({ length: AT_A_TIME }, async () => {
      while (counts.requests + counts.computed < until && server.alive()) {
        if (chance(10) === 0) compute();
        else await send();
        const done = counts.requests + counts.computed;
        if (done % sampled === 0) counts.memoryMb.push(Math.round(server.memory() / 1e6));
        if (done >= putBackAt) await again();
        each();
      }
    }),
  );
  if (!server.alive()) say("The server ended by itself.");

  async function again(): Promise<void> {
    putBackAt += PUT_BACK_EVERY;
    const faults = await putBack();
    forms.length = 0;
    counts.failed += faults.length;
    for (const fault of faults) say(`Put back after ${counts.requests} requests: ${fault}`);
  }

  async function send(): Promise<void> {
    // Forms as they stand on the pages now: what was changed meanwhile is met with its own version.
    if (forms.length < 200 || chance(FRESH_EVERY) === 0) {
      const found = await formsAt(server.address, one(PAGES, chance)).catch(() => []);
      // The form of how lengths are shown stands on every page: once in a while is enough.
      forms.push(...found.filter(({ address }) => address !== "/preferences" || chance(20) === 0));
      if (forms.length > 600) forms.splice(0, 200);
    }
    const { address, init } = generated(forms, server.address, chance);
    counts.requests += 1;
    try {
      const response = await fetch(`${server.address}${address}`, {
        ...init,
        redirect: "manual",
        signal: AbortSignal.timeout(60_000),
      });
      // A stream of a gauge goes on for as long as somebody listens.
      await response.body?.cancel();
      counts.byStatus[response.status] = (counts.byStatus[response.status] ?? 0) + 1;
      if (response.status < 500) return;
      counts.failed += 1;
      say(`${response.status}: ${init.method ?? "GET"} ${address} ${String(init.body ?? "").slice(0, 300)}`);
    } catch (cause) {
      counts.failed += 1;
      say(`No answer: ${init.method ?? "GET"} ${address}: ${(cause as Error).message}`);
    }
  }

  function compute(): void {
    counts.computed += 1;
    const asked = computeCase(chance);
    try {
      if (!hasHole(computeAll(asked))) return;
      say(`compute, a number that is none: ${JSON.stringify(asked).slice(0, 400)}`);
    } catch (cause) {
      say(`compute ${JSON.stringify(asked).slice(0, 400)}: ${(cause as Error).message}`);
    }
    counts.computeFailed += 1;
  }
}

/** True where a number in an answer is none. */
const hasHole = (value: unknown): boolean =>
  typeof value === "number"
    ? !Number.isFinite(value)
    : typeof value === "object" && value !== null && Object.values(value).some(hasHole);
