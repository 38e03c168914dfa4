import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/wearers/1");

it("lists the sheets newest first, each with how much was measured", async () => {
  const { links, text } = await page();
  const sheets = Object.entries(links()).filter(([, to]) => /^\/sheets\/\d+$/.test(to));
  expect(sheets).toEqual([
    ["30 Sep 2026", "/sheets/3"],
    ["14 Mar 2026", "/sheets/2"],
    ["18 Nov 2025", "/sheets/1"],
  ]);
  expect(text("main")).toContain("30 Sep 202625 measures");
});

it("warns of allergies at its head", async () => {
  expect((await page()).text("main")).toMatch(/^WearersIlva ThornbeckAllergies: latex\./);
});

it("lists this wearer's jobs only, with what is missing for each", async () => {
  const jobs = Object.entries((await page()).links()).filter(([, to]) => /^\/jobs\/\d+$/.test(to));
  expect(jobs.map(([name]) => name)).toEqual([
    "Soft brief, going in circles",
    "Winter one-piece",
    "High-waisted brief",
  ]);
  expect((await page()).text("main")).toContain("Winter one-pieceOne-piece swimsuitall measures taken");
});

it("has the form of what is known, from its version", async () => {
  expect((await page()).fields()).toMatchObject({
    version: "1",
    name: "Ilva Thornbeck",
    kind: "person",
    allergies: "latex",
    notes: "Likes a close waist.",
  });
});

it("gives everything out, and erases, one click away", async () => {
  expect((await page()).links()).toMatchObject({
    "Everything about this wearer in one file": "/wearers/1/export",
    "Erase this wearer": "/wearers/1/erase",
    "US letter": "/wearers/1/sheets/blank?paper=letter",
  });
});
