import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/wearers/new");

it("asks for no more than a job needs, a person to begin with", async () => {
  expect((await page()).fields()).toEqual({ unit: "in", name: "", kind: "person", allergies: "", notes: "" });
  expect((await page()).text("main")).toContain("Keep no more than the job needs.");
});
