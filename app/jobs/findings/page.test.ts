import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/findings");

it("finds everything ever found, and says how much that is", async () => {
  const rows = (await page()).table("Findings");
  expect(rows[0]).toEqual(["Seen", "Read", "Done", "What it did", "Note", "Job"]);
  expect(rows).toHaveLength(22);
  expect((await page()).text("main")).toContain("21 found.");
});

it("tells of each what was read, what was done and what it did", async () => {
  expect((await page()).table("Findings")).toContainEqual([
    "Loose, waisthigh stretch",
    "20 mm",
    "−18 mmside seams, front, back; share 1.01",
    "cured, 3 mm left",
    "",
    "Soft brief, going in circlesIlva Thornbeck, prototype 1, 21 Oct 2026",
  ]);
});

it("can be put into other orders by its heads", async () => {
  expect((await page()).links()).toMatchObject({
    Read: "/findings?order=largest",
    "What it did": "/findings?order=mostLeft",
    Job: "/findings?order=oldest",
  });
});
