import { beforeAll, describe, expect, it } from "vitest";
import { addDemoWorkshop } from "../data/demo/index.ts";
import { openStore, type Store } from "../data/store.ts";
import { ORIGIN, routeOf, routesWith, run } from "./testing/routeModules.ts";

let store: Store;
beforeAll(async () => {
  store = await openStore(":memory:");
  await addDemoWorkshop(store);
  return () => store.close();
});

const get = (address: string) => run("loader", store, new Request(new URL(address, ORIGIN)));

const JOBS = [1, 2, 3, 4, 5, 6, 7, 8];
const JOB_PAGES =
  " body cloth ease pattern torso cups band prototypes changes zones compare history sign-off record/json record/csv record/pdf changes/pdf";

/** Every page of the demo workshop that has something to load. */
const PAGES = [
  "/",
  "/?q=brief&page=9",
  "/settings",
  "/settings/ease",
  "/styles",
  "/styles/1",
  "/charts",
  "/charts/new",
  "/charts/import",
  "/charts/1",
  "/charts/1/export/csv",
  "/charts/1/export/json",
  "/cloths",
  "/cloths?q=knit",
  "/cloths/1",
  "/cloths/9",
  "/cloths/new",
  "/cloths/1/tests/new",
  "/cloths/1/tests/live",
  "/tests/4",
  "/tests/17",
  "/layups",
  "/layups/new",
  "/layups/1",
  "/wearers",
  "/wearers/new",
  "/wearers/1",
  "/wearers/1/sheets/new",
  "/wearers/1/sheets/new?job=1&from=3&also=neck",
  "/wearers/1/sheets/blank?job=1",
  "/wearers/1/sheets/export/json",
  "/wearers/1/sheets/export/rows",
  "/wearers/1/sheets/export/columns",
  "/wearers/1/sheets/import",
  "/wearers/1/compare",
  "/wearers/1/export",
  "/wearers/1/garments",
  "/wearers/1/garments/new",
  "/wearers/1/wraps",
  "/wearers/1/wraps/new",
  "/wearers/1/erase",
  "/wraps/1",
  "/garments/1",
  "/sheets/3",
  "/findings",
  "/findings?q=waist&kind=loose&spot=waist&stretch=moderate&order=largest&page=2",
  "/jobs/new",
  "/jobs/new?wearer=1",
  ...JOBS.flatMap((job) => JOB_PAGES.split(" ").map((page) => `/jobs/${job}${page ? `/${page}` : ""}`)),
  "/jobs/1/prototypes/1",
  "/jobs/1/prototypes/1/fitting",
  "/jobs/1/prototypes/2/fitting",
  "/jobs/1/compare?a=1&b=2",
  "/jobs/2/prototypes/1/fitting",
  "/jobs/7/prototypes/4/fitting",
  "/jobs/8/prototypes/3/fitting",
];

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
  // These need a file, a gauge or nothing at all; they have tests of their own.
  const elsewhere = ["cloths/gauge-stream", "cloths/photo", "jobs/fitting-photo", "jobs/job", "form/drafts"];
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
