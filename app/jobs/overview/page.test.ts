import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/1");

it("tells of each step where it stands, and leads there", async () => {
  expect((await page()).terms()).toEqual({
    Body: "all measures taken",
    Cloth: "tested",
    "Ease plan": "school chosen",
    Pattern: "own draft",
    Torso: "rises by the plan",
    Parts: "not chosen yet",
    Pieces: "4 pieces",
    Elastics: "if its edges have any",
    "Cloth needed": "not laid out",
    Materials: "to buy, to cut",
    Seams: "no trial yet",
    Sewing: "10 steps done",
    Prototypes: "1 finding open",
  });
  expect((await page()).links()).toMatchObject({
    "Go on with: prototypes": "/jobs/1/prototypes",
    doneClothtested: "/jobs/1/cloth",
    "wants another lookPrototypes1 finding open": "/jobs/1/prototypes",
  });
});

it("can be named anew from its version, and taken off", async () => {
  expect((await page()).fields()).toMatchObject({ version: "1", name: "High-waisted brief", notes: "" });
  expect((await page()).buttons()).toEqual(expect.arrayContaining(["Save", "Delete this job"]));
});

it("draws the strain in words as well as in tone", async () => {
  expect((await page()).text("main")).toContain("slackbarely stretchedlightly stretchedwell stretchednear its limit");
});
