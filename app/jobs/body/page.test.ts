import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/1/body");

it("lists what this job needs, in the order of measuring, as taped", async () => {
  expect((await page()).table("Measures this job needs")).toEqual([
    ["Needed for this job", "Body as taped, cm"],
    ["Waist", "74.2"],
    ["High hip", "90.5"],
    ["Hip", "100.8"],
    ["Leg edge, left", "59.8"],
    ["Leg edge, right", "60.4"],
    ["Waist to hip", "20.5"],
    ["Crotch front", "31.8"],
    ["Crotch back", "37.2"],
    ["Crotch depth", "26.8"],
  ]);
});

it("offers the wearer's other sheets, and a new one that asks for what is missing here", async () => {
  const { buttons, links } = await page();
  expect(buttons().filter((words) => words === "Plan from this one")).toHaveLength(2);
  expect(links()).toMatchObject({
    "New sheet for this job": "/wearers/1/sheets/new?job=1&from=3",
    "Print a blank sheet": "/wearers/1/sheets/blank?job=1",
    "14 Mar 2026": "/sheets/2",
  });
});
