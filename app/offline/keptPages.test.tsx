import { describe, expect, it } from "vitest";
import { asCacheStorage, FakeCaches } from "../testing/fakeCaches.ts";
import { dropKeptPages, isKeptPage, keptPages, PAGES, pageOf } from "./keptPages.ts";
import { whenWords } from "./whenWords.ts";

const answer = (body: string, type: string, date: string) =>
  new Response(body, { headers: { "Content-Type": type, Date: date } });
const page = (title: string, date: string) =>
  answer(`<!DOCTYPE html><html><head><title>${title}</title></head>${"x".repeat(9000)}</html>`, "text/html", date);

describe("pages a device keeps", () => {
  it("are the bench, its fittings and what lies under a job, by page or by data", () => {
    for (const path of ["/", "/_.data", "/fittings", "/jobs/3", "/jobs/3.data", "/jobs/3/prototypes/1/fitting"])
      expect(isKeptPage(path)).toBe(true);
    for (const path of ["/wearers", "/wearers/1.data", "/jobs/new", "/settings/devices", "/sign-in", "/jobs"])
      expect(isKeptPage(path)).toBe(false);
    expect(["/_.data", "/jobs/3.data", "/jobs/3/body"].map(pageOf)).toEqual(["/", "/jobs/3", "/jobs/3/body"]);
  });

  it("are told by their titles, the newest first; data and pictures are not pages", async () => {
    const stores = new FakeCaches();
    const kept = await stores.open(PAGES);
    await kept.put("/jobs/1", page("Brief &amp; band · Stenz", "Fri, 27 Nov 2026 10:00:00 GMT"));
    await kept.put("/jobs/2?view=back", page("Bralette · Stenz", "Fri, 27 Nov 2026 11:30:00 GMT"));
    await kept.put("/jobs/2.data", answer("[]", "text/x-script", "Fri, 27 Nov 2026 12:00:00 GMT"));
    await kept.put("/jobs/3", answer("<html></html>", "text/html", "no date"));
    expect(await keptPages(asCacheStorage(stores))).toEqual([
      { path: "/jobs/2?view=back", title: "Bralette · Stenz", madeAt: "2026-11-27T11:30:00.000Z" },
      { path: "/jobs/1", title: "Brief & band · Stenz", madeAt: "2026-11-27T10:00:00.000Z" },
    ]);
  });

  it("are none where the browser has no stores, and none after they were dropped", async () => {
    expect(await keptPages(undefined)).toEqual([]);
    const stores = new FakeCaches();
    await (await stores.open(PAGES)).put("/", page("Bench · Stenz", "Fri, 27 Nov 2026 10:00:00 GMT"));
    await dropKeptPages(asCacheStorage(stores));
    expect(await keptPages(asCacheStorage(stores))).toEqual([]);
  });
});

it("says a moment by the clock of this device, with its day where that is another", () => {
  const now = new Date(2026, 10, 27, 18, 0);
  expect(whenWords(new Date(2026, 10, 27, 9, 5).toISOString(), now)).toBe("09:05");
  expect(whenWords(new Date(2026, 10, 25, 23, 59).toISOString(), now)).toBe("25 Nov, 23:59");
});
