import { gzipSync } from "node:zlib";
import { startDemo } from "../../e2e/server.ts";
import { type Figure, type Figures, quantile } from "./report.ts";

const REQUESTS = 200;
const WARM_UP = 20;

/** Weight of the first page's scripts, and how long the job page's loaders take, over loopback from a demo server. */
export async function* figures(): Figures {
  const demo = await startDemo();
  try {
    const address = await demo.open();
    yield {
      name: "first page, compressed script",
      value: (await scriptsOf(`${address}/`)) / 1000,
      unit: "kB",
      under: 250,
    };
    const [empty = [], job = []] = await timed(`${address}/care.data`, `${address}/jobs/1.data`);
    const [emptyMs, jobMs] = [quantile(empty, 0.5), quantile(job, 0.5)];
    yield { name: "a page without data over HTTP, median", value: emptyMs, unit: "ms" };
    yield { name: "the job page's data over HTTP, median", value: jobMs, unit: "ms" };
    yield { name: "job page loaders: the difference", value: jobMs - emptyMs, unit: "ms", under: 8 };
    yield* await documentFigures(address);
  } finally {
    await demo.stop();
  }
}

/** Whole documents, as a browser first asks for them. */
const DOCUMENTS = [
  { name: "the bench", path: "/", under: 40 },
  { name: "a job", path: "/jobs/4", under: 40 },
  { name: "an ease plan", path: "/jobs/4/ease", under: 80 },
] as const;

async function documentFigures(address: string): Promise<Figure[]> {
  const samples = await timed(...DOCUMENTS.map(({ path }) => address + path));
  return DOCUMENTS.map(({ name, under }, index) => ({
    name: `${name} as a whole document over HTTP, median`,
    value: quantile(samples[index] ?? [], 0.5),
    unit: "ms",
    under,
  }));
}

async function scriptsOf(page: string): Promise<number> {
  const html = await (await fetch(page)).text();
  const addresses = new Set([...html.matchAll(/\/assets\/[\w.-]+\.js/g)].map(([address]) => address));
  let size = 0;
  for (const address of addresses) {
    const script = await (await fetch(new URL(address, page))).arrayBuffer();
    size += gzipSync(new Uint8Array(script)).length;
  }
  return size;
}

/** Times each address in turn, so that whatever else the machine does falls on both alike. */
async function timed(...addresses: readonly string[]): Promise<number[][]> {
  const samples: number[][] = addresses.map(() => []);
  for (let index = 0; index < REQUESTS; index += 1) {
    for (const [at, address] of addresses.entries()) {
      const from = performance.now();
      const response = await fetch(address);
      await response.arrayBuffer();
      if (!response.ok) throw new Error(`Expected an answer at ${address}, but got ${response.status}.`);
      // The first requests warm the server up.
      if (index >= WARM_UP) samples[at]?.push(performance.now() - from);
    }
  }
  return samples;
}
