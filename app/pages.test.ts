import { describe, expect, it } from "vitest";
import { temporaryStore } from "../data/testing/index.ts";
import { demoPage, openPage } from "./testing/openPage.tsx";
import { routeOf } from "./testing/routeModules.ts";

/** Pages of every kind, of jobs at every stage. */
const ADDRESSES = [
  "/",
  "/?q=brief",
  "/?q=nothing",
  "/wearers",
  "/wearers/new",
  "/wearers/1",
  "/wearers/1/sheets/new",
  "/wearers/1/sheets/import",
  "/wearers/1/compare",
  "/wearers/1/garments",
  "/wearers/1/garments/new",
  "/wearers/1/wraps",
  "/wearers/1/wraps/new",
  "/wearers/3/erase",
  "/wearers/import",
  "/sheets/3",
  "/garments/1",
  "/wraps/1",
  "/cloths",
  "/cloths/1",
  "/cloths/9",
  "/cloths/new",
  "/cloths/1/tests/new",
  "/cloths/1/tests/live",
  "/tests/1",
  "/layups/1",
  "/layups/new",
  "/settings",
  "/settings/ease",
  "/styles",
  "/styles/1",
  "/charts/1",
  "/charts/new",
  "/charts/import",
  "/care",
  "/findings",
  "/findings?kind=loose&order=largest",
  "/jobs/new",
  "/jobs/import",
  ...[1, 2, 3, 4, 5, 6, 7, 8].flatMap((job) => [`/jobs/${job}`, `/jobs/${job}/body`, `/jobs/${job}/cloth`]),
  ...[1, 3, 4, 6].map((job) => `/jobs/${job}/ease`),
  ...[1, 4].map((job) => `/jobs/${job}/pattern`),
  ...[1, 4].map((job) => `/jobs/${job}/torso`),
  ...[4, 5].map((job) => `/jobs/${job}/cups`),
  ...[5, 6].map((job) => `/jobs/${job}/band`),
  ...[1, 3, 7].map((job) => `/jobs/${job}/prototypes`),
  ...[1, 8].flatMap((job) =>
    ["changes", "zones", "compare", "history", "sign-off"].map((page) => `/jobs/${job}/${page}`),
  ),
  "/jobs/1/prototypes/1",
  "/jobs/1/prototypes/2/fitting",
  "/jobs/7/prototypes/4/fitting",
];

describe.each(ADDRESSES)("%s", (address) => {
  const page = demoPage(address);

  it("says once what it is, and nothing that is no number or no text", async () => {
    const { text, headings } = await page();
    expect(headings()[0]).not.toBe("");
    expect(text()).not.toMatch(/\bNaN\b|undefined|\[object|Infinity|\bnull\b/);
  });

  it("leads only to pages that are there", async () => {
    for (const [words, to] of Object.entries((await page()).links())) {
      if (to.startsWith("#") || to.startsWith("?")) continue;
      expect(routeOf(to).file, `${words} → ${to}`).not.toMatch(/not-found/);
    }
  });

  it("names each figure once, and leaves none without a value", async () => {
    for (const [name, shown] of Object.entries((await page()).figures())) {
      // A verdict is a word: `goes`.
      expect(shown, name).toMatch(/[\da-z]/);
      expect(name, name).not.toMatch(/^\d/);
    }
  });

  it("has words on every button, and a name on every field", async () => {
    const { buttons, fields } = await page();
    expect(buttons().filter((words) => words === "")).toEqual([]);
    expect(Object.keys(fields()).filter((name) => name === "")).toEqual([]);
  });
});

describe("a workshop with nothing in it yet", () => {
  it.each([
    ["/", /job/i],
    ["/wearers", /wearer/i],
    ["/cloths", /cloth/i],
    ["/layups", /layer/i],
    ["/charts", /size/i],
  ])("%s teaches what belongs there, and has no search for nothing", async (address, words) => {
    const { store } = await temporaryStore();
    const page = await openPage(store, address);
    expect(page.headings().length).toBeGreaterThan(1);
    expect(page.text("main")).toMatch(words);
    expect(page.buttons()).not.toContain("Search");
  });

  it.each(["/wearers?q=zz", "/cloths?q=zz", "/charts?q=zz"])("%s says what was not found", async (address) => {
    const { store } = await temporaryStore();
    expect((await openPage(store, address)).text("main")).toMatch(/Nothing found.*has “zz” in the name/);
  });
});
