import type { RouteConfigEntry } from "@react-router/dev/routes";
import routes from "../../app/routes.ts";
import { PAGES } from "../../app/testing/demoPages.ts";
import { COMPUTE_KINDS } from "../../core/compute/index.ts";
import { computeAll } from "../../formats/compute.ts";
import type { PageForm } from "./forms.ts";
import { formsAt } from "./killing.ts";
import type { SoakServer } from "./server.ts";

/** What generated requests have come to. */
export interface FuzzCounts {
  requests: number;
  /** Answers by the first digit of their status. */
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

/** Every address of the application, as `routes.ts` has it: one that is added is among them without a word. */
export const PATTERNS: readonly string[] = (() => {
  const of = (entries: readonly RouteConfigEntry[], base: string): string[] =>
    entries.flatMap((entry) => {
      const at = entry.path === undefined ? base : `${base}/${entry.path}`;
      return [at || "/", ...of(entry.children ?? [], at)];
    });
  return [...new Set(of(routes, ""))];
})();

/** What stands in the place of numbers and words that are expected. */
const NASTY: readonly string[] = [
  ...[
    "",
    " ",
    "0",
    "-1",
    "1",
    "2",
    "7",
    "1e9",
    "1e400",
    "-0",
    "NaN",
    "Infinity",
    "0x10",
    "999999999999999999999",
    "1.5",
    "1,5",
  ],
  ...[
    "null",
    "undefined",
    "true",
    "[]",
    "{}",
    "__proto__",
    "constructor",
    "toString",
    "..",
    "../../etc/passwd",
    "%00",
    "\u0000",
  ],
  ...[
    "'; drop table wearers; --",
    "<script>alert(1)</script>",
    "#{7*7}",
    "{{7*7}}",
    "\r\nSet-Cookie: a=b",
    "\ud800",
    "é".repeat(300),
  ],
  ...[
    "2026-11-27",
    "2026-02-30",
    "12/31/2026",
    "9:00-13:00",
    "1 1/2 in",
    "12 cm",
    "12 mm",
    "−4",
    "½",
    "a".repeat(5000),
    "🧵".repeat(50),
  ],
];

/** Files that importers are handed: cut short, of another kind, nested too deep, far too many. */
const FILES: readonly (readonly [name: string, type: string, content: string])[] = [
  ["empty.json", "application/json", ""],
  ["cut.json", "application/json", '{"format":"stenz.job","version":1,"job":{'],
  ["deep.json", "application/json", "[".repeat(20_000)],
  ["wrong.json", "application/json", '{"format":"stenz.job","version":999,"wearer":null}'],
  ["proto.json", "application/json", '{"__proto__":{"format":"stenz.job"},"constructor":1}'],
  ["rows.csv", "text/csv", 'size,bust\n36,84\n38,\u0000\n"open'],
  ["wide.csv", "text/csv", `${"a,".repeat(3000)}\n`],
  ["entity.svg", "image/svg+xml", '<!DOCTYPE s [<!ENTITY a "aaaa">]><svg><path d="M0 0 L 1e999 &a;"/></svg>'],
  ["path.svg", "image/svg+xml", '<svg width="10mm" viewBox="0 0 10 10"><path d="M0 0 C 1 2 3"/></svg>'],
  ["lines.dxf", "image/vnd.dxf", "0\nSECTION\n2\nENTITIES\n0\nPOLYLINE\n"],
  ["photo.png", "image/png", "\u0089PNG\r\n\u001a\n\u0000\u0000"],
  ["photo.jpg", "image/jpeg", "\u00ff\u00d8\u00ff\u00e0"],
];

type Chance = (below: number) => number;

const one = <T>(of: readonly T[], chance: Chance): T => of[chance(of.length)] as T;

/** An address of a pattern, with numbers that may be there, and now and then something else. */
function addressOf(pattern: string, chance: Chance): string {
  const path = pattern
    .replaceAll(/:(\w+)/g, () =>
      chance(4) === 0 ? encodeURIComponent(safe(one(NASTY, chance))) : String(1 + chance(13)),
    )
    .replace("*", encodeURIComponent(safe(one(NASTY, chance))));
  const query = chance(3) === 0 ? `?${new URLSearchParams({ [one(QUERIES, chance)]: safe(one(NASTY, chance)) })}` : "";
  return `${path}${chance(3) === 0 && path !== "/" ? ".data" : ""}${query}`;
}

const QUERIES = [
  "q",
  "page",
  "kind",
  "order",
  "spot",
  "day",
  "of",
  "draw",
  "over",
  "a",
  "b",
  "wearer",
  "job",
  "layer",
  "paper",
  "_routes",
];

/** A text without half a character. */
const whole = (text: string): string => text.replaceAll(/\p{Surrogate}/gu, "\ufffd");

/** A text that an address can carry: half a character alone cannot. */
const safe = (text: string): string => whole(text).slice(0, 500);

/** A request as it is sent. */
interface Generated {
  readonly address: string;
  readonly init: RequestInit;
}

/** Fields of a form with some of them spoilt, left out, or others put in. */
function spoilt(form: PageForm, chance: Chance): URLSearchParams {
  const fields = new URLSearchParams(form.fields);
  for (const name of [...fields.keys()]) {
    const how = chance(6);
    if (how === 0) fields.set(name, one(NASTY, chance));
    if (how === 1) fields.delete(name);
  }
  if (chance(5) === 0)
    fields.set(
      one(["intent", "version", "working", "rows.0.x", "a[b]", "__proto__.x", "unit"], chance),
      one(NASTY, chance),
    );
  return fields;
}

/** The next request, by chance. */
export function generated(forms: readonly PageForm[], server: string, chance: Chance): Generated {
  const headers = { Origin: server, "Sec-Fetch-Site": "same-origin" };
  const kind = chance(10);
  if (kind < 3) return { address: addressOf(one(PATTERNS, chance), chance), init: {} };
  if (kind < 8 && forms.length > 0) {
    const form = one(forms, chance);
    const address = chance(8) === 0 ? addressOf(one(PATTERNS, chance), chance) : form.address;
    return { address, init: { method: "POST", headers, body: spoilt(form, chance) } };
  }
  if (kind === 8) {
    const body = new FormData();
    const [name, type, content] = one(FILES, chance);
    body.set(one(["file", "photo", "upload", "paths"], chance), new File([content], name, { type }));
    if (forms.length > 0) for (const [key, value] of spoilt(one(forms, chance), chance)) body.set(key, whole(value));
    return {
      address: one(TAKE_FILES, chance).replaceAll(":n", () => String(1 + chance(9))),
      init: { method: "POST", headers, body },
    };
  }
  const odd = one(
    ["application/json", "text/plain", "application/x-www-form-urlencoded", "multipart/form-data; boundary=x", "x/y"],
    chance,
  );
  const init = { method: "POST", headers: { ...headers, "Content-Type": odd }, body: safe(one(NASTY, chance)) };
  return { address: addressOf(one(PATTERNS, chance), chance), init };
}

/** Addresses that take files: those of all, by their pattern. */
const TAKE_FILES = PATTERNS.filter((pattern) => /import|photo|fitting|send|pieces|elastics|traced/.test(pattern)).map(
  (pattern) => pattern.replaceAll(/:\w+/g, ":n"),
);

/** How many requests are under way at a time. */
const AT_A_TIME = 8;

/** What a run of generated requests works with. */
export interface Fuzzing {
  readonly server: SoakServer;
  readonly counts: FuzzCounts;
  readonly chance: Chance;
  readonly say: (words: string) => void;
}

/** Sends generated requests to a server until there were so many; each tenth is a computation by the scripting interface instead. */
export async function fuzz({ server, counts, chance, say }: Fuzzing, until: number, each: () => void): Promise<void> {
  const forms: PageForm[] = [];
  const sampled = Math.max(1, Math.floor(until / 1000));
  await Promise.all(
    Array.from({ length: AT_A_TIME }, async () => {
      while (counts.requests + counts.computed < until && server.alive()) {
        if (chance(10) === 0) compute();
        else await send();
        const done = counts.requests + counts.computed;
        if (done % sampled === 0) counts.memoryMb.push(Math.round(server.memory() / 1e6));
        each();
      }
    }),
  );
  if (!server.alive()) say("The server ended by itself.");

  async function send(): Promise<void> {
    // Forms as they stand on the pages now: what was changed meanwhile is met with its own version.
    if (forms.length < 200 || chance(50) === 0) {
      const found = await formsAt(server.address, one(PAGES, chance)).catch(() => []);
      forms.push(...found);
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
      const first = `${String(response.status)[0]}xx`;
      counts.byStatus[first] = (counts.byStatus[first] ?? 0) + 1;
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

/** A case of the scripting interface: of any kind there is, as its schema has it, with whatever in some of its places. */
function computeCase(chance: Chance): unknown {
  if (chance(12) === 0) return one(NASTY, chance);
  const { kind, input } = one(COMPUTE_KINDS, chance);
  return { kind: chance(20) === 0 ? one(NASTY, chance) : kind, input: valueBy(input as Shape, chance) };
}

/** What of a schema says how a value of it looks. */
interface Shape {
  readonly type?: string | readonly string[];
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly Shape[];
  readonly properties?: Readonly<Record<string, Shape>>;
  readonly items?: Shape | readonly Shape[];
  readonly minimum?: number;
  readonly maximum?: number;
  readonly minItems?: number;
}

/** A value that a schema takes, as a rule: one in thirty is something else. */
function valueBy(shape: Shape, chance: Chance): unknown {
  if (chance(30) === 0) return one<unknown>([...NASTY, null, [], {}, -1, 1e308, 5e-324], chance);
  if (shape.const !== undefined) return shape.const;
  if (shape.enum) return one(shape.enum, chance);
  if (shape.anyOf) return valueBy(one(shape.anyOf, chance), chance);
  if (shape.properties)
    return Object.fromEntries(Object.entries(shape.properties).map(([name, inner]) => [name, valueBy(inner, chance)]));
  if (Array.isArray(shape.items)) return (shape.items as readonly Shape[]).map((inner) => valueBy(inner, chance));
  if (shape.items)
    return Array.from({ length: (shape.minItems ?? 0) + chance(6) }, () => valueBy(shape.items as Shape, chance));
  if (shape.type === "number" || shape.type === "integer") {
    const [least, most] = [shape.minimum ?? 0, Math.min(shape.maximum ?? 1500, 1e6)];
    const value = one(
      [least, most, least + (most - least) / (1 + chance(50)), chance(100), chance(1000) / 1000],
      chance,
    );
    return shape.type === "integer" ? Math.round(value) : value;
  }
  if (shape.type === "boolean") return chance(2) === 0;
  return shape.type === "null" ? null : one(NASTY, chance);
}

/** True where a number in an answer is none. */
const hasHole = (value: unknown): boolean =>
  typeof value === "number"
    ? !Number.isFinite(value)
    : typeof value === "object" && value !== null && Object.values(value).some(hasHole);
