import { beforeAll, describe, expect, it } from "vitest";
import type { Store } from "../data/store.ts";
import { demoInMemory } from "../data/testing/index.ts";
import { PAGES } from "./testing/demoPages.ts";
import { ORIGIN, routeOf, routesWith, run } from "./testing/routeModules.ts";

let store: Store;
beforeAll(async () => {
  store = await demoInMemory();
  return () => store.close();
});

const get = (address: string) => run("loader", store, new Request(new URL(address, ORIGIN)));

/** Where in what a page gets there is a number that is none, or nothing where something is promised. */
function holesIn(value: unknown, at = ""): string[] {
  if (typeof value === "number") return Number.isFinite(value) ? [] : [`${at} ${value}`];
  if (typeof value === "string") return /\bNaN\b|\bundefined\b|\[object/.test(value) ? [`${at} “${value}”`] : [];
  if (typeof value !== "object" || value === null || value instanceof Promise) return [];
  return Object.entries(value).flatMap(([name, inner]) => holesIn(inner, `${at}.${name}`));
}

it.each(PAGES)("%s loads, and holds no number that is none", async (address) => {
  const answer = await get(address);
  if (!(answer instanceof Response)) {
    expect(answer).not.toHaveProperty("init.status");
    return expect(holesIn(answer)).toEqual([]);
  }
  expect(answer.status, address).toBeLessThan(400);
  if (/pdf|blank/.test(address)) return expect(await answer.bytes()).toSatisfy((pdf) => pdf.length > 1000);
  expect(holesIn(await answer.text())).toEqual([]);
});

it("no page that loads something is left out", async () => {
  const tried = new Set(PAGES.map((address) => routeOf(address).file));
  // These need a file, a gauge, a secret or nothing at all; they have tests of their own.
  const elsewhere = [
    "cloths/gauge-stream",
    "workshop/days-feed",
    "cloths/photo",
    "jobs/fitting-photo",
    "jobs/job",
    "form/drafts",
    // Those begin with somebody from the network.
    "access/sign-in",
    // Those need a server that keeps backups.
    "workshop/backup",
    "workshop/everything",
    "access/sign-out",
    "access/measure",
    "access/fittings",
    "access/certificate",
  ];
  const others = (await routesWith("loader")).filter((file) => !tried.has(file));
  expect(others.filter((file) => !elsewhere.some((one) => file.startsWith(one)))).toEqual([
    "frame/not-found/route.tsx",
    "frame/preferences/route.ts",
  ]);
});

describe("what is not there", () => {
  const numbered = PAGES.filter((address) => /\/\d/.test(address)).map((address) => address.replace(/\?.*/, ""));
  const missing = [...new Set(numbered.map((address) => address.replace(/\d+/, "9999")))];
  const nonsense = [...new Set(numbered.map((address) => address.replace(/\d+/, "1e3")))];

  it.each([...missing, ...nonsense])("%s is a page that does not exist", async (address) => {
    expect(await get(address)).toMatchObject({ init: { status: 404 } });
  });
});
