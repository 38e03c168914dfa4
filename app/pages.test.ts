import { describe, expect, it } from "vitest";
import { temporaryStore } from "../data/testing/index.ts";
import { PAGES } from "./testing/demoPages.ts";
import { demoPage, openPage } from "./testing/openPage.tsx";
import { drawn, routeOf } from "./testing/routeModules.ts";

/** Pages with nothing to load, and searches that find little or nothing. */
const BESIDE = [
  "/?q=brief",
  "/?q=nothing",
  "/wearers/3/erase",
  "/wearers/import",
  "/jobs/import",
  "/care",
  "/cloths/9",
  "/tests/1",
  "/findings?kind=loose&order=largest",
];

/** Of all pages of the demo workshop those that are drawn; the others are files. */
const DRAWN = await drawn([...PAGES, ...BESIDE]);

describe.each(DRAWN)("%s", (address) => {
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
