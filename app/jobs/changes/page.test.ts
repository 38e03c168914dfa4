import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/8/changes");

it("divides each change over the edges of its seams, on both pieces", async () => {
  const { figures, table, text } = await page();
  const changes = table("All changes of this job");
  const girth = (no: string) => numberIn(changes.find(([first]) => first === no)?.[3]);
  expect(numberIn(figures()["Amount at each edge, change 13"])).toBeCloseTo(-girth("13") / 4, 1);
  expect(numberIn(figures()["Amount at each edge, change 14"])).toBeCloseTo(-girth("14") / 4, 1);
  expect(text("main").match(/Take in 3\.4 mm/g)).toHaveLength(2);
});

it("says what each girth was and becomes", async () => {
  expect((await page()).text("main")).toContain("Waist girth: from 64.5 cm to 63.1 cm (−13.6 mm).");
  expect((await page()).text("main")).toContain("Hip girth: from 87.3 cm to 81.3 cm (−60 mm).");
});

it("warns of a zone that was changed back and forth, and of what waits for a word", async () => {
  const text = (await page()).text("main");
  expect(text).toContain("The changes do not agree.Waist: changed back and forth (changes 11, 12, 13).");
  expect(text).toContain("No word yet: digs in, leg edge");
  expect((await page()).links()["digs in, leg edge"]).toBe("/jobs/8/prototypes/3/fitting?fitting=10");
});

it("lists every change of the job with where it stands", async () => {
  expect((await page()).table("All changes of this job").map(([no, , , , at]) => [no, at])).toEqual([
    ["No.", "Stands at"],
    ["11", "cured, in prototype 2"],
    ["12", "cured, in prototype 3"],
    ["13", "decided"],
    ["14", "decided"],
  ]);
});
